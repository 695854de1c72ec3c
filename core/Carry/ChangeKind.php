<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

/** What happens to a machine after it was looked at, so that the look says nothing any more. */
enum ChangeKind: string
{
    case Started = 'started';
    case Moved = 'moved';
    case Left = 'left';
    case Repaired = 'repaired';
    case Tagged = 'tagged';
    case AttachmentChanged = 'attachment_changed';
    case MeterReplaced = 'meter_replaced';
    /** The hour meter shows more than it did when the machine came in. */
    case MeterMoved = 'meter_moved';
    /** It ran in the yard, as it reported itself, and nobody wrote down why. */
    case Ran = 'ran';
    /** Damage was found: voids what was looked at in the same place. */
    case Found = 'found';
}
