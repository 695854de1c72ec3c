<?php

declare(strict_types=1);

namespace Tests\Core\People;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\People\OperatorCategory;
use JadeLedger\Core\People\OperatorRecord;
use JadeLedger\Core\People\OperatorStanding;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Who may be handed a truck. Source: 29 CFR 1910.178(l)(4)(iii), at least every three years; clamped to a shorter
 * month.
 */
final class OperatorRecordTest extends TestCase
{
    /** @return iterable<string, array{string|null, string|null, string|null, string, OperatorStanding}> */
    public static function records(): iterable
    {
        yield 'both parts, within three years' => [
            null,
            '2024-03-01',
            '2024-03-02',
            '2026-11-28',
            OperatorStanding::Valid,
        ];
        yield 'the last day of three years' => [
            null,
            '2023-11-28',
            '2023-11-28',
            '2026-11-28',
            OperatorStanding::Valid,
        ];
        yield 'a day later' => [null, '2023-11-27', '2023-11-28', '2026-11-28', OperatorStanding::EvaluationEnded];
        yield 'evaluated on 29 February: until the 28th' => [
            null,
            '2024-02-29',
            '2024-02-29',
            '2027-02-28',
            OperatorStanding::Valid,
        ];
        yield 'and not on 1 March' => [
            null,
            '2024-02-29',
            '2024-02-29',
            '2027-03-01',
            OperatorStanding::EvaluationEnded,
        ];
        yield 'the course alone' => [null, null, '2026-01-01', '2026-11-28', OperatorStanding::NotEvaluated];
        yield 'the inspection alone' => [null, '2026-01-01', null, '2026-11-28', OperatorStanding::NotEvaluated];
        yield 'a proof on its last day' => [
            '2026-11-28',
            '2026-01-01',
            '2026-01-01',
            '2026-11-28',
            OperatorStanding::Valid,
        ];
        yield 'a proof that ended, whatever was evaluated' => [
            '2026-11-27',
            '2026-01-01',
            '2026-01-01',
            '2026-11-28',
            OperatorStanding::ProofEnded,
        ];
    }

    #[DataProvider('records')]
    public function test_an_evaluation_has_two_parts_and_an_end(
        ?string $until,
        ?string $inspection,
        ?string $course,
        string $today,
        OperatorStanding $standing,
    ): void {
        $day = static fn (?string $text): ?CalendarDate => $text === null ? null : CalendarDate::parse($text);

        $record = new OperatorRecord(self::category(36), $day($until), $day($inspection), $day($course));

        self::assertSame($standing, $record->standing(CalendarDate::parse($today)));
    }

    public function test_where_no_evaluation_is_asked_none_is_missing(): void
    {
        $record = new OperatorRecord(self::category(null), null, null, null);

        self::assertSame(OperatorStanding::Valid, $record->standing(CalendarDate::parse('2026-11-28')));
        self::assertNull($record->evaluationDue());
    }

    private static function category(?int $months): OperatorCategory
    {
        return new OperatorCategory(
            'any',
            'Any',
            new Applicability(),
            $months,
            new Source(SourceKind::Published, 'as above'),
        );
    }
}
