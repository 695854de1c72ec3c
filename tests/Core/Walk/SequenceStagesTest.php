<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Walk\DueLine;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\SequenceStages;
use JadeLedger\Core\Walk\TopologicalSort;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

final class SequenceStagesTest extends TestCase
{
    public function test_papers_and_oil_share_one_state_although_papers_could_have_their_own(): void
    {
        self::assertSame(
            ['cold_isolated' => ['papers', 'oil']],
            $this->sequence($this->line('papers', 'doc-serial-match'), $this->line('oil', 'eng-oil-stick')),
        );
    }

    public function test_papers_alone_take_the_state_that_costs_least(): void
    {
        self::assertSame(['as_found' => ['papers']], $this->sequence($this->line('papers', 'doc-serial-match')));
    }

    public function test_a_line_comes_in_a_later_state_when_it_waits_for_one_there(): void
    {
        self::assertSame(
            ['driving' => ['brakes'], 'secured' => ['drip']],
            $this->sequence(
                $this->line('drip', 'doc-serial-match', after: ['brakes']),
                $this->line('brakes', 'brk-drive'),
            ),
        );
    }

    public function test_a_line_that_guards_a_state_is_never_given_to_one_behind_it(): void
    {
        self::assertSame(
            ['as_found' => ['tag'], 'key_on' => ['lamps']],
            $this->sequence(
                $this->line('tag', 'doc-serial-match', standsBefore: 'key_on'),
                $this->line('lamps', 'ele-selftest'),
            ),
        );
    }

    public function test_a_line_that_fits_no_state_before_the_one_it_guards_is_refused_with_what_it_needs(): void
    {
        $this->expectException(NoSafeOrder::class);
        $this->expectExceptionMessage(
            'The check "late" needs the machine: Driving, lane clear. No stage before "running" offers that.',
        );

        $this->sequence($this->line('late', 'brk-drive', standsBefore: 'running'));
    }

    public function test_lines_that_would_have_to_go_back_in_state_are_refused(): void
    {
        $this->expectException(NoSafeOrder::class);
        $this->expectExceptionMessage('No sequence of machine states');

        $this->sequence($this->line('oil', 'eng-oil-stick', after: ['brakes']), $this->line('brakes', 'brk-drive'));
    }

    public function test_lines_that_wait_for_each_other_are_named(): void
    {
        $this->expectException(NoSafeOrder::class);
        $this->expectExceptionMessage('hen, egg');

        $this->sequence(
            $this->line('hen', 'doc-serial-match', after: ['egg']),
            $this->line('egg', 'doc-serial-match', after: ['hen']),
        );
    }

    public function test_what_waits_for_nothing_keeps_its_order(): void
    {
        $lines = [
            $this->line('c', 'hkp-clean', after: ['b']),
            $this->line('a', 'hkp-clean'),
            $this->line('b', 'hkp-clean'),
        ];

        self::assertSame(
            ['b', 'c', 'a'],
            array_map(static fn (DueLine $line): string => $line->key, (new TopologicalSort())->of($lines)),
        );
    }

    /** A law: whatever is due, each line is given once, to a state it may be done in, behind what it waits for. */
    public function test_for_any_lines_each_is_given_once_to_a_state_that_meets_its_need(): void
    {
        $catalogue = RealCatalogue::get();
        $ids = array_keys($catalogue->checks);
        $stages = array_map(static fn ($stage): string => $stage->id, $catalogue->stages);
        for ($seed = 1; $seed <= 150; $seed++) {
            mt_srand($seed);
            $chosen = array_map(static fn (): string => $ids[mt_rand(0, count($ids) - 1)], range(1, mt_rand(1, 40)));
            $lines = array_map(
                static fn (string $id): DueLine => new DueLine($id, $catalogue->check($id), 'anywhere'),
                array_values(array_unique($chosen)),
            );
            $given = (new SequenceStages($catalogue->stages, new Features([])))->of($lines);
            $keys = array_merge(
                ...array_values(
                    array_map(
                        static fn (array $ofStage): array => array_map(
                            static fn (PlannedLine $line): string => $line->key,
                            $ofStage,
                        ),
                        $given,
                    ),
                ),
            );
            self::assertEqualsCanonicalizing(array_map(static fn (DueLine $line): string => $line->key, $lines), $keys);
            $stageOf = [];
            foreach ($given as $stage => $ofStage) {
                foreach ($ofStage as $line) {
                    self::assertTrue(
                        $line->check->needs->isMetBy($catalogue->stage($stage)->state),
                        "seed {$seed}: {$line->key} in {$stage}",
                    );
                    $stageOf[$line->key] = (int) array_search($stage, $stages, true);
                }
            }
            foreach ($lines as $line) {
                foreach (array_intersect($line->check->after, $keys) as $before) {
                    self::assertLessThanOrEqual(
                        $stageOf[$line->key],
                        $stageOf[$before],
                        "seed {$seed}: {$line->key} waits for {$before}",
                    );
                }
            }
        }
    }

    /** @return array<string, list<string>> line keys by stage */
    private function sequence(DueLine ...$lines): array
    {
        $given = (new SequenceStages(RealCatalogue::get()->stages, new Features([])))->of(array_values($lines));

        return array_map(
            static fn (array $ofStage): array => array_map(
                static fn (PlannedLine $line): string => $line->key,
                $ofStage,
            ),
            $given,
        );
    }

    /**
     * @param string $likes a check of the catalogue whose need the line has
     * @param list<string> $after
     */
    private function line(string $id, string $likes, array $after = [], ?string $standsBefore = null): DueLine
    {
        return new DueLine(
            $id,
            new Check(
                $id,
                $id,
                '',
                '',
                '',
                '',
                ['anywhere'],
                RealCatalogue::get()->check($likes)->needs,
                new Applicability(),
                [Occasion::Checkout],
                Severity::Note,
                10,
                AnswerKind::Look,
                new Source(SourceKind::CommonPractice, 'common practice, no source'),
                $after,
                $standsBefore,
            ),
            'anywhere',
        );
    }
}
