<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

enum VerificationDepth
{
    /** Chains, seals, checkpoints and the audit trail. */
    case Chains;
    /** Plans, catalogues, photos and a shadow rebuild of the projections besides. */
    case Deep;
}
