<?php

declare(strict_types=1);

namespace Tests\Core\Fault;

use JadeLedger\Core\Fault\AlertLevel;
use JadeLedger\Core\Fault\Dashboard;
use JadeLedger\Core\Fault\FailureMode;
use JadeLedger\Core\Fault\JudgeDashboard;
use JadeLedger\Core\Fault\Lamp;
use JadeLedger\Core\Fault\NoSuchCode;
use JadeLedger\Core\Fault\PanelSignal;
use JadeLedger\Core\Fault\SignalColour;
use JadeLedger\Core\Fault\SignalRhythm;
use JadeLedger\Core\Fault\TroubleCode;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;
use Tests\Support\RealCatalogue;

/** Lamps and trouble codes: SAE J1939-73; the three levels are this product's convention on them. */
final class FaultTest extends TestCase
{
    private const CLAIMED = ['fmi_severity', 'decode_dtc', 'decode_lamps', 'alert_level'];

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function published(): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            foreach (in_array($entry['fn'], self::CLAIMED, true) ? $entry['examples'] : [] as $example) {
                yield "{$example['id']}: {$entry['source']}" => [
                    $entry['fn'],
                    $example['inputs'],
                    $example['expected'],
                ];
            }
        }
    }

    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $expected
     */
    #[DataProvider('published')]
    public function test_lamps_and_codes_are_read_as_published(string $fn, array $in, array $expected): void
    {
        self::assertSame(
            $expected,
            match ($fn) {
                'fmi_severity' => [
                    'severity' => FailureMode::of($in['fmi'])->severity()?->value,
                    'side' => FailureMode::of($in['fmi'])->side()?->value,
                ],
                'decode_dtc' => self::decoded($in['hex']),
                'decode_lamps' => self::lamps($in['byte']),
                'alert_level' => ['level' => self::dashboard($in)->level()?->value],
                default => self::fail("Nothing computes {$fn}."),
            },
        );
    }

    /** SAE J1939-73: no active code is eight noughts, 127 is a count that is not known, 22 to 30 are reserved. */
    public function test_what_a_machine_may_send_is_read_as_it_is_meant(): void
    {
        self::assertNull(TroubleCode::fromBytes('00000000'));
        self::assertNull(TroubleCode::fromBytes('6E00037F')?->occurrences);
        self::assertSame(110, TroubleCode::fromBytes('6E00037F')?->parameter);
        self::assertSame(5, TroubleCode::fromBytes('6E000305')?->occurrences);
        // 19 bits: 0x7FFFF is the highest, its upper three in the third byte.
        self::assertSame(524_287, TroubleCode::fromBytes('FFFFE301')?->parameter);
        self::assertSame(65_536, TroubleCode::fromBytes('00002301')?->parameter);
        foreach (range(22, 30) as $reserved) {
            self::assertNull(FailureMode::of($reserved)->severity());
            self::assertSame(AlertLevel::Aware, (new Dashboard([], [TroubleCode::of(100, $reserved)]))->level());
        }
    }

    /**
     * Each of the four, oil level and pressure, coolant heat and level, far out of its range stops the engine. Source:
     * SAE J1939-71.
     */
    public function test_each_parameter_by_which_an_engine_is_lost_stops_it(): void
    {
        foreach ([98, 100, 110, 111] as $parameter) {
            self::assertSame(
                AlertLevel::StopNow,
                (new Dashboard([], [TroubleCode::of($parameter, 1)]))->level(),
                (string) $parameter,
            );
        }
        self::assertSame(AlertLevel::StopSoon, (new Dashboard([], [TroubleCode::of(99, 1)]))->level());
    }

    /** A law, over 10,000 dashboards: nothing that is added makes a level lower. */
    public function test_more_lamps_and_more_codes_never_make_it_lower(): void
    {
        for ($seed = 1; $seed <= 10_000; $seed++) {
            mt_srand($seed);
            $lamps = array_values(array_filter(Lamp::cases(), static fn (): bool => mt_rand(0, 2) === 0));
            $codes = array_map(
                static fn (): TroubleCode => TroubleCode::of(
                    mt_rand(0, 1) === 0 ? [98, 100, 110, 111][mt_rand(0, 3)] : mt_rand(0, 524_287),
                    mt_rand(0, 21),
                ),
                range(1, mt_rand(1, 3)),
            );
            $less = (new Dashboard(array_slice($lamps, 1), array_slice($codes, 1)))->level()->value ?? 0;

            self::assertGreaterThanOrEqual($less, (new Dashboard($lamps, $codes))->level()->value ?? 0);
        }
    }

    /** Red is danger, amber not as it should be, blinking more urgent: IEC 60073, from memory, to be confirmed. */
    public function test_a_panel_without_the_four_lamps_is_read_by_colour_and_rhythm(): void
    {
        $level = static fn (SignalColour $colour, SignalRhythm $rhythm): ?AlertLevel => (new Dashboard([], [], [
            new PanelSignal($colour, $rhythm, 'CHG'),
        ]))->level();

        self::assertSame(AlertLevel::StopNow, $level(SignalColour::Red, SignalRhythm::Steady));
        self::assertSame(AlertLevel::StopNow, $level(SignalColour::Red, SignalRhythm::Blinking));
        self::assertSame(AlertLevel::StopSoon, $level(SignalColour::Amber, SignalRhythm::Steady));
        self::assertSame(AlertLevel::StopNow, $level(SignalColour::Amber, SignalRhythm::Blinking));
        self::assertSame(AlertLevel::Aware, $level(SignalColour::Other, SignalRhythm::Steady));
        self::assertSame(AlertLevel::StopSoon, $level(SignalColour::Other, SignalRhythm::Blinking));
        $amber = new PanelSignal(SignalColour::Amber, SignalRhythm::Steady, 'CHG');
        $both = new Dashboard([Lamp::Malfunction], [], [$amber]);
        self::assertSame(AlertLevel::StopSoon, $both->level(), 'the gravest counts');
    }

    /** Level 3 stops, level 2 is held, level 1 goes out: common practice, no source. */
    public function test_the_levels_weigh_as_they_should(): void
    {
        $check = RealCatalogue::get()->checks['ctl-lamps-clear'];
        $outcome = static fn (Dashboard $dashboard): Outcome => (new JudgeDashboard())->judge($check, $dashboard)
            ->outcome;

        self::assertSame(Outcome::Stands, $outcome(new Dashboard([], [])));
        self::assertSame(Outcome::Stands, $outcome(new Dashboard([Lamp::Malfunction], [TroubleCode::of(96, 17)])));
        self::assertSame(Outcome::Attend, $outcome(new Dashboard([Lamp::Amber], [])));
        self::assertSame(Outcome::Attend, $outcome(new Dashboard([], [TroubleCode::of(177, 0)])));
        self::assertSame(Outcome::Stop, $outcome(new Dashboard([Lamp::Malfunction], [TroubleCode::of(100, 1)])));
        self::assertSame(Outcome::Stop, $outcome(new Dashboard([Lamp::RedStop], [])));
        self::assertSame(AlertLevel::StopSoon, (new Dashboard([], [TroubleCode::of(100, 18)]))->level());
    }

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function impossible(): iterable
    {
        yield 'a failure mode over 31' => [static fn () => TroubleCode::of(100, 32)];
        yield 'a parameter of more than 19 bits' => [static fn () => TroubleCode::of(524_288, 0)];
        yield 'a parameter below zero' => [static fn () => TroubleCode::of(-1, 0)];
        yield 'too few bytes' => [static fn () => TroubleCode::fromBytes('B80403')];
        yield 'an older packing' => [static fn () => TroubleCode::fromBytes('B804038A')];
    }

    #[DataProvider('impossible')]
    public function test_a_code_that_no_machine_shows_is_refused(\Closure $code): void
    {
        $this->expectException(NoSuchCode::class);
        $code();
    }

    /** @return array<string, int> */
    private static function decoded(string $hex): array
    {
        $code = TroubleCode::fromBytes($hex);

        self::assertNotNull($code);

        return ['spn' => $code->parameter, 'fmi' => $code->mode->number, 'cm' => 0, 'oc' => $code->occurrences ?? -1];
    }

    /** @return array<string, string> */
    private static function lamps(int $byte): array
    {
        $said = static fn (?bool $lit): string => $lit === null ? 'not_available' : ($lit ? 'on' : 'off');

        return [
            'mil' => $said(Lamp::Malfunction->isLitIn($byte)),
            'red_stop' => $said(Lamp::RedStop->isLitIn($byte)),
            'amber' => $said(Lamp::Amber->isLitIn($byte)),
            'protect' => $said(Lamp::Protect->isLitIn($byte)),
        ];
    }

    /** @param  array<string, mixed>  $in */
    private static function dashboard(array $in): Dashboard
    {
        $lit = array_keys(
            array_filter([
                'red_stop' => $in['red'],
                'amber' => $in['amber'],
                'protect' => $in['protect'],
                'mil' => $in['mil'],
            ]),
        );

        return new Dashboard(array_map(Lamp::from(...), $lit), [TroubleCode::of($in['spn'], $in['fmi'])]);
    }
}
