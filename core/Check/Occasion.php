<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** When a check is due. */
enum Occasion: string
{
    case Checkout = 'checkout';
    case Return = 'return';
    case AfterRepair = 'after_repair';
    case AfterAttachmentChange = 'after_attachment_change';
    case AfterImpact = 'after_impact';
    /** Every shift or day of use; the hirer's own look. */
    case Shift = 'shift';
    /** Asked before the machine is signed for, and no line of a walk. */
    case Handover = 'handover';
    case Weekly = 'weekly';
    case Monthly = 'monthly';
    case HalfYearly = 'half_yearly';
    case Yearly = 'yearly';
}
