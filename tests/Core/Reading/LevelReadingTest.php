<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\CountReading;
use JadeLedger\Core\Reading\Fluids\DipstickReading;
use JadeLedger\Core\Reading\Fluids\Face;
use JadeLedger\Core\Reading\Fluids\MarksOutOfOrder;
use JadeLedger\Core\Reading\Fluids\Need;
use JadeLedger\Core\Reading\Fluids\SightGlassReading;
use JadeLedger\Core\Reading\Fluids\TankColumnReading;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;

/** Bands and what they mean: common practice, no source. The marks themselves are an invented maker's. */
final class LevelReadingTest extends TestCase
{
    use TestTrait;

    #[TestWith(['0', Outcome::Stop], 'nothing in the glass')]
    #[TestWith(['1', Outcome::Attend], 'just to be seen')]
    #[TestWith(['23.9', Outcome::Attend], 'a hair under Add')]
    #[TestWith(['24', Outcome::Stands], 'exactly at Add belongs to the band')]
    #[TestWith(['36', Outcome::Stands], 'exactly at Full belongs to the band')]
    #[TestWith(['36.1', Outcome::Attend], 'a hair over Full')]
    public function test_a_sight_glass_stands_between_its_marks(string $level, Outcome $outcome): void
    {
        self::assertSame($outcome, (new SightGlassReading(Levels::glass()))->judge(Levels::mm($level))->outcome);
    }

    public function test_low_oil_says_how_much_to_add_and_when_to_read_again(): void
    {
        $verdict = (new SightGlassReading(Levels::glass()))->judge(Levels::mm('18'));

        // (36 - 18) mm x 0.061 L/mm = 1.098 L, rounded down so that it never ends above Full.
        self::assertSame('1', $verdict->topUp?->volume->text());
        self::assertSame('ISO 46', $verdict->topUp->fluid);
        self::assertSame(5, $verdict->topUp->rereadAfterMinutes);
        self::assertSame(['18 mm < 24 mm', '(36 − 18) mm × 0.061 L/mm = 1 L'], $verdict->working);
        self::assertEquals(['gap' => Quantity::of(6, Unit::Millimetre)], $verdict->reason->figures);
    }

    public function test_the_top_up_never_ends_above_full_and_never_wastes_a_tenth(): void
    {
        $glass = Levels::glass();
        $this->forAll(Generators::choose(1, 239))->then(static function (int $tenths) use ($glass): void {
            $level = Levels::mm((string) ($tenths / 10));
            $added = (new SightGlassReading($glass))->judge($level)->topUp;
            self::assertNotNull($added);
            $after = $level->plus(Quantity::of($added->volume->ratioTo($glass->fluid->perUnit), Unit::Millimetre));
            self::assertFalse($after->isGreaterThan($glass->marks->full));
            self::assertTrue(
                $glass->marks->full->minus($after)->isLessThan(Levels::mm('1.64')),
                'less than a tenth of a litre is missing',
            );
        });
    }

    public function test_more_oil_never_makes_a_low_verdict_graver(): void
    {
        $weight = static fn (Outcome $outcome): int => match ($outcome) {
            Outcome::Stop => 2, Outcome::Attend => 1, default => 0
        };
        $this->forAll(Generators::choose(-120, 220), Generators::choose(0, 100))->then(static function (
            int $tenths,
            int $more,
        ) use ($weight): void {
            $lower = (new DipstickReading(Levels::dipstick(), Face::Cold))->judge(Levels::mm((string) ($tenths / 10)));
            $higher = (new DipstickReading(Levels::dipstick(), Face::Cold))->judge(
                Levels::mm((string) (min(220, $tenths + $more) / 10)),
            );
            self::assertGreaterThanOrEqual($weight($higher->outcome), $weight($lower->outcome));
        });
    }

    #[TestWith([Face::Cold, '4', Outcome::Stands], 'in the cold band')]
    #[TestWith([Face::Hot, '4', Outcome::Attend], 'the same level is low on the hot face')]
    #[TestWith([Face::Cold, '26', Outcome::Attend], 'over Full on the cold face')]
    #[TestWith([Face::Hot, '26', Outcome::Stands], 'the same level is right on the hot face')]
    public function test_each_face_of_a_dipstick_has_its_own_band(Face $face, string $level, Outcome $outcome): void
    {
        self::assertSame(
            $outcome,
            (new DipstickReading(Levels::dipstick(), $face))->judge(Levels::mm($level))->outcome,
        );
    }

    public function test_the_lower_half_of_a_dipstick_stands_and_offers_a_top_up(): void
    {
        $lower = (new DipstickReading(Levels::dipstick(), Face::Cold))->judge(Levels::mm('9'));
        $upper = (new DipstickReading(Levels::dipstick(), Face::Cold))->judge(Levels::mm('12'));

        self::assertSame('level.may_be_topped_up', $lower->act?->key);
        self::assertNull($upper->act);
    }

    public function test_a_blade_without_oil_stops_the_machine(): void
    {
        self::assertSame(
            Outcome::Stop,
            (new DipstickReading(Levels::dipstick(), Face::Cold))->judge(Levels::mm('-12'))->outcome,
        );
    }

    public function test_an_empty_bottle_stops_what_needs_it_and_only_charges_what_does_not(): void
    {
        self::assertSame(
            Outcome::Stop,
            (new TankColumnReading(Levels::column(Need::ToRun)))->judge(Levels::mm('0'))->outcome,
        );
        self::assertSame(
            Outcome::Attend,
            (new TankColumnReading(Levels::column(Need::ForTheHire)))->judge(Levels::mm('0'))->outcome,
        );
    }

    #[TestWith(['3', Outcome::Stands], 'all there')]
    #[TestWith(['2', Outcome::Attend], 'one missing')]
    #[TestWith(['4', Outcome::Attend], 'one too many')]
    public function test_keys_are_counted_against_what_belongs_to_the_machine(string $counted, Outcome $outcome): void
    {
        self::assertSame(
            $outcome,
            (new CountReading(Levels::keys(3)))->judge(Quantity::of($counted, Unit::Piece))->outcome,
        );
    }

    public function test_marks_that_do_not_rise_are_refused(): void
    {
        $this->expectException(MarksOutOfOrder::class);

        Levels::marks('0', '30', '20', '48');
    }
}
