<?php

declare(strict_types=1);

namespace JadeLedger\Core\Calendar;

/** Whether an event stands. Source: RFC 5545, section 3.8.1.11. */
enum EventStatus: string
{
    case Tentative = 'TENTATIVE';
    case Confirmed = 'CONFIRMED';
    case Cancelled = 'CANCELLED';
}
