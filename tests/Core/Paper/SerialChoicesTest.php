<?php

declare(strict_types=1);

namespace Tests\Core\Paper;

use JadeLedger\Core\Paper\SerialChoices;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: whoever chooses among near ones has read the plate. */
final class SerialChoicesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function serials(): iterable
    {
        yield 'digits and letters' => ['DV14-20455'];
        yield 'all one digit' => ['11111111'];
        yield 'letters only' => ['ABCDEF'];
        yield 'lower case and blanks' => [' fw 20 0113 '];
        yield 'beyond ASCII' => ['ÄÖ-4471'];
        mt_srand(4);
        for ($n = 0; $n < 300; $n++) {
            $serial = '';
            for ($sign = 0, $length = mt_rand(5, 20); $sign < $length; $sign++) {
                $serial .= '0123456789ABCDEFGHJKLMNPRSTUVWXYZ-/'[mt_rand(0, 34)];
            }
            yield "{$n}: {$serial}" => ["{$serial}7"];
        }
    }

    #[DataProvider('serials')]
    public function test_the_plate_is_one_of_three_that_nobody_takes_for_the_same(string $serial): void
    {
        $choices = SerialChoices::of($serial)->choices;
        if ($choices === []) {
            // Nothing but signs that are not compared, or too few of them.
            self::assertLessThan(4, strlen((string) preg_replace('/[^\p{L}\p{N}]/u', '', $serial)));

            return;
        }
        $bare = array_map(static fn (string $one): string => mb_strtoupper(
            (string) preg_replace('/[^\p{L}\p{N}]/u', '', $one),
        ), $choices);

        self::assertCount(3, array_unique($bare));
        self::assertContains(trim($serial), $choices);
        self::assertSame($choices, SerialChoices::of($serial)->choices);
        self::assertSame([mb_strlen(trim($serial))], array_values(array_unique(array_map(mb_strlen(...), $choices))));
    }

    public function test_where_the_right_one_stands_cannot_be_learned(): void
    {
        $at = array_map(
            static fn (int $n): int|false => array_search("TQ9-{$n}", SerialChoices::of("TQ9-{$n}")->choices, true),
            range(1000, 1299),
        );
        $times = array_count_values(array_map(intval(...), $at));

        self::assertCount(3, $times);
        self::assertGreaterThan(70, min($times));
    }

    public function test_neighbours_changed_over_and_one_other_digit(): void
    {
        $others = array_values(array_diff(SerialChoices::of('DV14-20455')->choices, ['DV14-20455']));

        self::assertSame(['DV14-20458', 'DV14-20545'], $others);
    }

    public function test_what_is_too_short_or_missing_is_typed(): void
    {
        self::assertSame([], SerialChoices::of('')->choices);
        self::assertSame([], SerialChoices::of('A-1')->choices);
    }
}
