<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Spread\Balance;
use JadeLedger\Core\Spread\Entry;
use JadeLedger\Core\Spread\FindingLine;
use JadeLedger\Core\Spread\InColumn;
use JadeLedger\Core\Spread\ReadingLine;
use JadeLedger\Core\Spread\Spread;
use JadeLedger\Core\Spread\TopUpInYard;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\TopUp;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;

final class SpreadTest extends TestCase
{
    /** Common practice, no source. */
    public function test_what_came_back_is_what_was_read_before_the_top_up(): void
    {
        $entry = static fn (string $mm, ?TopUp $topUp = null): Entry => new Entry(
            Quantity::of($mm, Unit::Millimetre),
            Outcome::Attend,
            topUp: $topUp,
        );
        $asked = new TopUp(Quantity::of('1.9', Unit::Litre), 'ISO 46', 5);

        self::assertSame('-5', TopUpInYard::among([$entry('-5', $asked), $entry('18')])?->asReturned->value->text());
        self::assertSame(
            '18',
            TopUpInYard::among([$entry('-5', $asked), $entry('2', $asked), $entry('18')])?->filled->value->text(),
        );
        self::assertNull(TopUpInYard::among([$entry('-5'), $entry('18')]), 'nothing was asked for: it was read again');
        self::assertNull(TopUpInYard::among([$entry('5', $asked), $entry('5', $asked)]), 'nothing was filled up');
        self::assertNull(TopUpInYard::among([$entry('5', $asked), $entry('3', $asked)]));
        self::assertNull(TopUpInYard::among([$entry('5', $asked)]));
        self::assertNull(TopUpInYard::among([]));
    }

    public function test_the_difference_is_in_less_out(): void
    {
        $hours = new ReadingLine(
            'doc-hour-meter',
            AnswerKind::HourMeter,
            $this->entry('1842.3', Unit::Hour),
            $this->entry('1871.9', Unit::Hour),
        );

        self::assertSame('29.6', $hours->difference?->text());
        self::assertSame(Balance::Balanced, $hours->balance);
    }

    public function test_what_was_read_out_and_never_read_in_does_not_balance(): void
    {
        $line = new ReadingLine('fuel-level', AnswerKind::TankColumn, $this->entry('230', Unit::Litre), null);

        self::assertNull($line->difference);
        self::assertSame(Balance::NeverReadIn, $line->balance);
    }

    public function test_while_the_machine_is_out_nothing_is_missing_yet(): void
    {
        $line = new ReadingLine(
            'fuel-level',
            AnswerKind::TankColumn,
            $this->entry('230', Unit::Litre),
            null,
            InColumn::Open,
        );
        $finding = new FindingLine('4', Levels::mm('60'), null, InColumn::Open);

        self::assertSame([Balance::NotYetIn, Balance::NotYetIn], [$line->balance, $finding->balance]);
        self::assertSame([], (new Spread([$line], [$finding], []))->unexplained());
    }

    public function test_a_key_that_did_not_come_back_does_not_balance(): void
    {
        self::assertSame(
            Balance::Missing,
            (new ReadingLine(
                'doc-key-label',
                AnswerKind::Count,
                $this->entry('3', Unit::Piece),
                $this->entry('2', Unit::Piece),
            ))->balance,
        );
        self::assertSame(
            Balance::Balanced,
            (new ReadingLine(
                'doc-key-label',
                AnswerKind::Count,
                $this->entry('3', Unit::Piece),
                $this->entry('3', Unit::Piece),
            ))->balance,
        );
    }

    /** Common practice, no source: fuel that was used is charged. */
    public function test_less_fuel_is_to_be_explained_and_as_much_or_more_is_not(): void
    {
        foreach (
            [
                '170' => ['-60', Balance::Used],
                '230' => ['0', Balance::Balanced],
                '231' => ['1', Balance::Balanced],
            ] as $in => $said
        ) {
            $out = $this->entry('230', Unit::Litre);
            $fuel = new ReadingLine(
                'fuel-level',
                AnswerKind::TankColumn,
                $out,
                $this->entry((string) $in, Unit::Litre),
            );

            self::assertSame($said, [$fuel->difference?->text(), $fuel->balance]);
        }
    }

    public function test_a_bottle_that_is_read_by_its_marks_is_topped_up_and_not_charged(): void
    {
        $out = $this->entry('30', Unit::Millimetre);
        $coolant = new ReadingLine('cool-bottle', AnswerKind::TankColumn, $out, $this->entry('22', Unit::Millimetre));

        self::assertSame(['-8', Balance::Balanced], [$coolant->difference?->text(), $coolant->balance]);
    }

    public function test_a_disputed_meter_does_not_balance(): void
    {
        $in = new Entry(Quantity::of('1700', Unit::Hour), Outcome::Attend, true);

        self::assertSame(
            Balance::Disputed,
            (new ReadingLine('doc-hour-meter', AnswerKind::HourMeter, $this->entry('1842.3', Unit::Hour), $in))
                ->balance,
        );
    }

    public function test_another_meter_that_was_put_on_between_out_and_in_is_no_running_backwards(): void
    {
        $line = new ReadingLine(
            'doc-hour-meter',
            AnswerKind::HourMeter,
            $this->entry('1842.3', Unit::Hour),
            $this->entry('12.0', Unit::Hour),
            meterChange: Quantity::of('1855.0', Unit::Hour),
        );

        // 12.7 h by the old one and 12.0 h by the new one.
        self::assertSame(['24.7', Balance::Balanced], [$line->difference?->text(), $line->balance]);
    }

    public function test_damage_is_in_balance_only_when_it_is_the_same(): void
    {
        self::assertSame(Balance::Balanced, (new FindingLine('1', Levels::mm('95'), Levels::mm('95')))->balance);
        self::assertSame(
            ['130', Balance::GrownDamage],
            [
                (new FindingLine('2', Levels::mm('180'), Levels::mm('310')))->difference?->text(),
                (new FindingLine('2', Levels::mm('180'), Levels::mm('310')))->balance,
            ],
        );
        self::assertSame(Balance::NewDamage, (new FindingLine('3', null, Levels::mm('22')))->balance);
        self::assertSame(Balance::NotLookedAt, (new FindingLine('4', Levels::mm('60'), null))->balance);
    }

    public function test_a_hire_may_be_closed_when_every_line_balances_or_is_explained(): void
    {
        $readings = [
            new ReadingLine(
                'doc-key-label',
                AnswerKind::Count,
                $this->entry('3', Unit::Piece),
                $this->entry('2', Unit::Piece),
            ),
        ];
        $findings = [new FindingLine('new-dent', null, Levels::mm('120'))];

        self::assertSame(['doc-key-label', 'new-dent'], (new Spread($readings, $findings, []))->unexplained());
        self::assertSame(['new-dent'], (new Spread($readings, $findings, ['doc-key-label']))->unexplained());
        self::assertTrue((new Spread($readings, $findings, ['doc-key-label', 'new-dent']))->mayBeClosed());
    }

    private function entry(string $value, Unit $unit): Entry
    {
        return new Entry(Quantity::of($value, $unit), Outcome::Stands);
    }
}
