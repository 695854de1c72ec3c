<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/** The verdict that the band of a figure gives, with the figures and the working of its kind. */
final readonly class BandVerdict
{
    /**
     * @param array<string, string|Quantity> $figures
     * @param list<string> $working
     */
    public static function of(Band $band, array $figures, array $working, Source $source): Verdict
    {
        $reason = new Phrase($band->says, $figures);
        $act = $band->act === null ? null : new Phrase($band->act, $figures);

        return match ($band->outcome) {
            Outcome::Stands => Verdict::stands($reason, $working, $source, $act),
            Outcome::Attend => Verdict::attend($reason, $working, $source, $act),
            Outcome::Stop => Verdict::stop($reason, $working, $source, $act),
            Outcome::Open => Verdict::open($reason, $working, $source, $act),
        };
    }
}
