<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Finding\Description;
use JadeLedger\Core\Finding\SeverityChange;
use JadeLedger\Core\Finding\Triage;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;
use Tests\Support\RealCatalogue;

/** What is stop, hold and note: common practice, no source. */
final class FindingTest extends TestCase
{
    #[TestWith(['crack', 'structure', null, 20, Severity::Stop], 'a crack in the boom')]
    #[TestWith(['cut', 'hydraulic', null, 5, Severity::Stop], 'a hose cut, however small')]
    #[TestWith(['leak', 'fuel', 'film', null, Severity::Stop], 'fuel, any amount')]
    #[TestWith(['leak', 'hydraulic', 'film', null, Severity::Note], 'a film of oil')]
    #[TestWith(['leak', 'hydraulic', 'drop', null, Severity::Hold], 'a drop forming')]
    #[TestWith(['leak', 'hydraulic', 'running', null, Severity::Stop], 'running oil')]
    #[TestWith(['cut', 'running_gear', null, 19, Severity::Note], 'a small cut in a tyre')]
    #[TestWith(['cut', 'running_gear', null, 20, Severity::Hold], 'a cut of 20 mm')]
    #[TestWith(['dent', 'bodywork', null, 120, Severity::Note], 'a dent')]
    #[TestWith(['dent', 'bodywork', null, 400, Severity::Hold], 'a large dent')]
    #[TestWith(['bent', 'protection', null, 3, Severity::Stop], 'a bent rollover structure')]
    #[TestWith(['missing', 'guard', null, null, Severity::Stop], 'a guard that is gone')]
    #[TestWith(['loose', 'bodywork', null, null, Severity::Hold], 'what the table does not know is held')]
    public function test_a_finding_is_graded_by_the_table(
        string $kind,
        string $system,
        ?string $degree,
        ?int $size,
        Severity $severity,
    ): void {
        $proposal = (new Triage(RealCatalogue::get()->triageRules))->propose(
            new Description($kind, $system, $degree, $size === null ? null : Quantity::of($size, Unit::Millimetre)),
        );

        self::assertSame($severity, $proposal->severity);
        self::assertNotSame('', $proposal->reason);
    }

    #[TestWith([-180.0, -44.0, 'Boom rams and hoses'], 'the ram lies on the boom')]
    #[TestWith([25.0, -80.0, 'Hydraulic tank'], 'the tank lies in the house')]
    #[TestWith([-28.0, 72.0, 'Cab roof and seat'], 'the seat lies in the cab')]
    #[TestWith([-150.0, -132.0, 'Right track'], 'the track')]
    public function test_the_part_under_a_tap_is_the_smallest_one(float $x, float $y, string $part): void
    {
        self::assertSame($part, RealCatalogue::get()->family('tracked_excavator')->partAt(new Point($x, $y))?->name);
    }

    public function test_beside_the_machine_there_is_no_part(): void
    {
        self::assertNull(RealCatalogue::get()->family('tracked_excavator')->partAt(new Point(-600.0, 180.0)));
    }

    public function test_damage_is_the_same_worse_or_new(): void
    {
        self::assertSame(Comparison::Same, Comparison::between(Levels::mm('180'), Levels::mm('180')));
        self::assertSame(
            Comparison::Same,
            Comparison::between(Levels::mm('180'), Levels::mm('175')),
            'measured again, not healed',
        );
        self::assertSame(Comparison::Worse, Comparison::between(Levels::mm('180'), Levels::mm('181')));
        self::assertSame(Comparison::New, Comparison::between(null, Levels::mm('22')));
        self::assertSame(Comparison::NotLookedAt, Comparison::between(Levels::mm('180'), null));
    }

    public function test_only_lowering_needs_a_reason(): void
    {
        self::assertTrue((new SeverityChange(Severity::Stop, Severity::Hold, ' '))->lacksReason());
        self::assertFalse((new SeverityChange(Severity::Stop, Severity::Hold, 'hose was not ours'))->lacksReason());
        self::assertFalse((new SeverityChange(Severity::Note, Severity::Hold, ''))->lacksReason());
    }
}
