<?php

declare(strict_types=1);

namespace Tests\Core\People;

use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\People\Competence;
use JadeLedger\Core\People\HeldQualification;
use JadeLedger\Core\People\SecondPerson;
use JadeLedger\Core\State\Helper;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Trained, judged competent, and not for ever: 29 CFR 1910.178(l) for trucks; the rest common practice, no source. */
final class CompetenceTest extends TestCase
{
    #[TestWith(['2026-11-25', true], 'the last day still counts')]
    #[TestWith(['2026-11-24', false], 'the day after it does not')]
    public function test_a_qualification_is_valid_to_its_last_day(string $until, bool $may): void
    {
        $missing = $this->competence(['platforms' => $until])->missing(
            AskedFor::Operate,
            $this->features('ardlow_20b'),
            CalendarDate::parse('2026-11-25'),
        );

        self::assertSame($may, $missing === null);
        self::assertSame($may ? null : $until, $missing?->ranOut?->text());
    }

    public function test_a_machine_asks_for_the_qualification_of_its_kind_and_for_no_other(): void
    {
        $today = CalendarDate::parse('2026-11-25');
        $all = array_column(RealCatalogue::get()->qualifications, 'id');
        foreach (
            [
                'dromvik_14c' => 'earthmoving',
                'wexmoor_l7' => 'earthmoving',
                'eskrigg_3s' => 'earthmoving',
                'orrick_20e' => 'lift_trucks',
                'fenwold_p20' => 'lift_trucks',
                'orrick_rt30' => 'lift_trucks',
                'tarnhay_t9' => 'telehandlers',
                'ardlow_38x' => 'platforms',
                'pennick_m5' => 'platforms',
                'brennock_g20' => 'generators',
                'skarrow_lt9' => 'generators',
                'mossgill_122' => 'turf',
                'mossgill_t26' => 'turf',
            ] as $model => $needed
        ) {
            $features = $this->features($model);
            self::assertSame(
                $needed,
                $this->competence([])->missing(AskedFor::Operate, $features, $today)?->qualification->id,
                $model,
            );
            self::assertNull(
                $this->competence([$needed => '2027-01-01'])->missing(AskedFor::Operate, $features, $today),
                $model,
            );
            $others = array_fill_keys(array_diff($all, [$needed]), '2027-01-01');
            self::assertSame(
                $needed,
                $this->competence($others)->missing(AskedFor::Operate, $features, $today)?->qualification->id,
                "{$model}: nothing else takes its place",
            );
        }
    }

    public function test_a_repair_asks_for_another_qualification_than_working_the_machine(): void
    {
        $today = CalendarDate::parse('2026-11-25');

        self::assertSame(
            'repairs',
            $this->competence(['earthmoving' => '2027-01-01'])->missing(
                AskedFor::Repair,
                $this->features('dromvik_14c'),
                $today,
            )?->qualification->id,
        );
        self::assertNull(
            $this->competence(['repairs' => '2027-01-01'])->missing(
                AskedFor::Repair,
                $this->features('dromvik_14c'),
                $today,
            ),
        );
    }

    public function test_a_renewed_one_counts_whichever_comes_first_in_the_book(): void
    {
        $held = [
            new HeldQualification('platforms', CalendarDate::parse('2027-05-01')),
            new HeldQualification('platforms', CalendarDate::parse('2026-05-01')),
        ];

        self::assertNull(
            (new Competence(RealCatalogue::get()->qualifications, $held))->missing(
                AskedFor::Operate,
                $this->features('ardlow_20b'),
                CalendarDate::parse('2026-11-25'),
            ),
        );
    }

    public function test_the_second_person_is_somebody_and_somebody_else(): void
    {
        foreach (RealCatalogue::get()->stages as $stage) {
            $asked = $stage->state->helper === Helper::Present;

            self::assertSame(
                $asked ? SecondPerson::Missing : SecondPerson::NotAsked,
                SecondPerson::in($stage->state, 'ines', null),
                $stage->id,
            );
            self::assertSame(
                $asked ? SecondPerson::IsTheFirst : SecondPerson::NotAsked,
                SecondPerson::in($stage->state, 'ines', 'ines'),
                $stage->id,
            );
            self::assertSame(
                $asked ? SecondPerson::StandsBy : SecondPerson::NotAsked,
                SecondPerson::in($stage->state, 'ines', 'rafe'),
                $stage->id,
            );
        }
    }

    private function features(string $model): Features
    {
        return RealCatalogue::get()->featuresOf(RealCatalogue::get()->model($model));
    }

    /** @param  array<string, string>  $held last day by qualification */
    private function competence(array $held): Competence
    {
        return new Competence(
            RealCatalogue::get()->qualifications,
            array_values(
                array_map(
                    static fn (string $id, string $until): HeldQualification => new HeldQualification(
                        $id,
                        CalendarDate::parse($until),
                    ),
                    array_keys($held),
                    $held,
                ),
            ),
        );
    }
}
