<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use JadeLedger\Core\Check\Check;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** A line is understood by whoever did not write it: what is looked at, and how it should be. */
final class ReadAloudTest extends TestCase
{
    private const FEWEST_WORDS = 3;

    /** The part has a name of one or two words in the trade, and the name says it all. */
    private const NAMES_OF_PARTS = [
        'brk-pedal', 'brk-drive', 'brk-park-lamp', 'cab-rear-glass', 'cab-washer-level', 'cab-radar', 'cool-cap',
        'trn-final-drive', 'trn-gear-hold', 'trn-decelerator', 'trn-steer-modes', 'trn-hub-leak', 'bat-terminals',
        'bat-charge', 'bat-connector', 'bat-isolator', 'bat-isolamp', 'ele-fuse-panel', 'ele-display',
        'ele-selftest', 'ele-immobiliser', 'eng-belt', 'eng-restriction', 'lpg-level',
        'hyd-swing-bearing', 'hyd-temp', 'lgt-work', 'lgt-turn', 'lgt-reverse', 'mst-sideshift', 'doc-data-plate',
        'doc-range-chart', 'doc-hour-meter', 'mew-deck', 'mew-anchor', 'mew-selector', 'mew-axle-out',
        'mew-tilt-readout', 'mew-tilt-alarm', 'mew-env-angle', 'mew-env-length', 'mew-brake-hold',
        'mew-emerg-lower', 'gen-rcd', 'gen-estop', 'ltw-outrigger', 'saf-rops', 'saf-overhead-guard',
        'saf-seat-switch', 'saf-horn', 'saf-reverse-alarm', 'saf-beacon', 'saf-smv-sign', 'saf-chocks',
        'saf-descent-alarm', 'saf-work-lock', 'art-pivot', 'trk-sprocket', 'trk-rubber', 'brk-seat-interlock',
        'turf-belts', 'turf-collector', 'tyr-tread', 'tyr-pressure', 'tyr-solid',
    ];

    public function test_what_should_be_is_said_in_a_sentence(): void
    {
        $short = array_filter(
            RealCatalogue::get()->checks,
            static fn (Check $check): bool => self::words($check->accept) < self::FEWEST_WORDS,
        );

        self::assertSame([], array_map(static fn (Check $check): string => $check->accept, $short));
    }

    public function test_a_short_title_is_the_name_of_a_part(): void
    {
        $short = array_filter(
            RealCatalogue::get()->checks,
            static fn (Check $check): bool => self::words($check->title) < self::FEWEST_WORDS,
        );

        self::assertEqualsCanonicalizing(self::NAMES_OF_PARTS, array_keys($short));
    }

    public function test_no_line_sends_the_reader_to_another_line(): void
    {
        foreach (RealCatalogue::get()->checks as $id => $check) {
            self::assertDoesNotMatchRegularExpression(
                '/\b(as above|see above|ditto)\b/i',
                "{$check->title} {$check->how} {$check->accept} {$check->ifNot}",
                $id,
            );
        }
    }

    private static function words(string $text): int
    {
        return count(preg_split('/\s+/', trim($text)) ?: []);
    }
}
