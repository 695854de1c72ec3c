<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\State\Engine;
use JadeLedger\Core\State\Key;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Which answers may stand from a return to the next checkout, and which never do. Common practice, no source. */
final class StandsForTest extends TestCase
{
    /** What running, standing or a stranger's hand changes. */
    private const NEVER = [
        'eng-oil-stick', 'hyd-level-glass', 'fuel-level', 'def-level', 'cool-bottle', 'tyr-pressure', 'bat-soc',
        'hyd-hose', 'eng-oil-leak', 'brk-leak', 'doc-key-label', 'doc-open-defects', 'doc-warning-tag', 'hkp-area',
        'saf-belt-webbing', 'saf-horn', 'cab-nobody', 'saf-bypass', 'tyr-nuts', 'str-pins',
    ];

    /** @return iterable<string, array{Check}> */
    public static function standing(): iterable
    {
        foreach (RealCatalogue::get()->checks as $check) {
            if ($check->standsForDays > 0) {
                yield $check->id => [$check];
            }
        }
    }

    #[DataProvider('standing')]
    public function test_what_stands_is_a_look_or_a_measure_of_wear_at_a_dead_machine_and_no_gate(Check $check): void
    {
        self::assertContains($check->answer, [
            AnswerKind::Look, AnswerKind::Count, AnswerKind::ForkHeel, AnswerKind::ForkAngle, AnswerKind::TreadDepth,
            AnswerKind::PinPlay,
        ]);
        self::assertSame([], $check->test, 'no function test');
        self::assertNull($check->standsBefore, 'no gate before power');
        foreach ($check->needs->required as $aspect) {
            self::assertNotContains($aspect, [Engine::Idle, Engine::WorkingSpeed, Key::Run], 'on a dead machine');
        }
        self::assertContains(Engine::Stopped, $check->needs->required);
        self::assertLessThanOrEqual(7, $check->standsForDays);
    }

    #[TestWith(['str-boom-arm', 7], 'welds')]
    #[TestWith(['doc-safety-decals', 7], 'decals')]
    #[TestWith(['doc-capacity-plate', 7], 'plates')]
    #[TestWith(['mst-fork-wear', 7], 'wear that is measured')]
    #[TestWith(['doc-manual', 7], 'what is locked in')]
    #[TestWith(['trk-rubber', 3], 'wear that a day of work changes')]
    #[TestWith(['saf-guards', 3], 'guards')]
    public function test_structure_plates_guards_and_wear_stand_for_some_days(string $check, int $days): void
    {
        self::assertSame($days, RealCatalogue::get()->checks[$check]->standsForDays);
    }

    public function test_levels_leaks_pressures_gates_and_what_belongs_to_the_hire_never_stand(): void
    {
        $checks = RealCatalogue::get()->checks;
        foreach (self::NEVER as $id) {
            self::assertArrayHasKey($id, $checks);
            self::assertSame(0, $checks[$id]->standsForDays, $id);
        }
    }
}
