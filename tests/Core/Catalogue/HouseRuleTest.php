<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use App\Catalogue\BuildCatalogue;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Walk\PlanWalk;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

final class HouseRuleTest extends TestCase
{
    public function test_a_rule_takes_one_of_its_schools_or_a_whole_number_where_it_has_but_one(): void
    {
        $rules = array_column(RealCatalogue::get()->houseRules->all, null, 'id');

        self::assertTrue($rules['start_corner']->takes('rear_left'));
        self::assertFalse($rules['start_corner']->takes('the_roof'));
        self::assertTrue($rules['handover_margin_minutes']->takes('20'));
        self::assertFalse($rules['handover_margin_minutes']->takes('-5'));
        self::assertFalse($rules['handover_margin_minutes']->takes('500'));
    }

    public function test_the_same_choices_are_the_same_catalogue_and_others_are_another_version(): void
    {
        $compiled = RealCatalogue::compiled();

        self::assertSame($compiled->version, $compiled->withChoices([])->version);
        self::assertSame(
            $compiled->version,
            $compiled->withChoices(['start_corner' => 'front_left'])->version,
            'the default, chosen once more',
        );
        self::assertNotSame($compiled->version, $compiled->withChoices(['start_corner' => 'rear_left'])->version);
        self::assertSame($compiled->version, $compiled->withChoices(['no_such_rule' => 'x'])->version);
    }

    /** Two minutes for an ordinary engine, four to five for a large turbocharged one: common practice, no source. */
    public function test_the_longer_cool_down_takes_the_place_of_the_shorter_one(): void
    {
        $catalogue = (new BuildCatalogue())->from(
            RealCatalogue::compiled()->withChoices(['cool_down' => 'five_minutes']),
        );
        $lines =
            (new PlanWalk($catalogue))
                ->for($catalogue->model('halsafell_220'), Movement::Checkout)
                ->crossing('just_stopped')?->lines ?? [];
        $waits = array_map(static fn (StageLine $line): int => $line->waitSeconds, $lines);

        self::assertContains(300, $waits);
        self::assertNotContains(120, $waits);
    }

    public function test_the_reason_names_what_is_there_what_is_missing_and_what_is_in_the_way(): void
    {
        $reason = (new Applicability(all: ['tracks', 'blade'], any: ['bucket', 'fork'], none: ['cab']))->reasonFor(
            new Features(['tracks', 'bucket', 'cab']),
        );

        self::assertSame(
            [['tracks', 'bucket'], ['blade'], ['cab']],
            [$reason->by, $reason->lacking, $reason->hindering],
        );
        self::assertFalse($reason->applies());
    }

    /** A law: for any features, the reason and the answer agree. */
    public function test_for_any_features_a_check_applies_when_nothing_is_lacking_and_nothing_hinders(): void
    {
        $names = array_keys(RealCatalogue::compiled()->trees['features.yaml']['features']);
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $features = new Features(array_values(array_filter($names, static fn (): bool => mt_rand(0, 2) === 0)));
            foreach (RealCatalogue::get()->checks as $check) {
                $reason = $check->applies->reasonFor($features);
                self::assertSame(
                    $check->applies->holdsFor($features),
                    $reason->lacking === [] && $reason->hindering === [],
                );
                self::assertSame([], array_diff($reason->by, $features->names));
                self::assertSame([], array_intersect($reason->lacking, $features->names));
            }
        }
    }
}
