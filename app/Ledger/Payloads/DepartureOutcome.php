<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

/** What became of a machine that had left without a release. */
enum DepartureOutcome: string
{
    case BroughtBack = 'brought_back';
    case StaysOut = 'stays_out';
}
