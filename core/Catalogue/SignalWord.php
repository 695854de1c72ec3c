<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** What happens to whoever skips a step. Source: ANSI Z535.4, signal words. */
enum SignalWord: string
{
    /** Death or grave injury will follow. */
    case Danger = 'danger';
    /** Death or grave injury could follow. */
    case Warning = 'warning';
    /** A lesser injury could follow. */
    case Caution = 'caution';
    /** Nobody is hurt; the machine or the work is. */
    case Note = 'note';
}
