<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Refusal;
use JadeLedger\Core\Verdict\Phrase;

/** What the old meter is said to have shown cannot be: it ran backwards, or further than time allows. */
final class OldMeterContradicted extends \DomainException implements Refusal
{
    public function __construct(public readonly Phrase $reason)
    {
        parent::__construct("The old hour meter cannot have shown this: {$reason->key}.");
    }
}
