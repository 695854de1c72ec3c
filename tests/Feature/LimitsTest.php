<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Limits\LimitsTold;
use App\Models\HireLimit;
use App\Models\HireSiteAnswer;
use App\Models\Role;
use Illuminate\Support\Facades\App;
use Illuminate\Testing\TestResponse;
use JadeLedger\Core\Catalogue\SiteAnswer;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** The limits of a hire: filled in from plate and site, computed while somebody types, kept as entries of the hire. */
final class LimitsTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->machine->update(['model_id' => 'ardlow_20b']);
        $this->as(Role::Counter);
    }

    public function test_the_figures_of_the_plate_are_filled_in_and_what_nobody_knows_is_asked_for(): void
    {
        $limits = $this->limits()->assertOk();
        $this->assertFits($limits, 'LimitsOfMachine');
        $sheet = collect($limits->json('sheets'))->firstWhere('id', 'platform-load');
        $fields = array_column($sheet['fields'], null, 'name');

        self::assertEquals(['unit' => 'kg', 'symbol' => 'kg', 'value' => '250'], $fields['capacity']['units'][0]);
        self::assertEquals(['unit' => 'lb', 'symbol' => 'lb', 'value' => '551'], $fields['capacity']['units'][1]);
        self::assertSame(
            ['maker', 'stated', null],
            [$fields['capacity']['from'], $fields['person']['from'], $fields['people']['from']],
        );
        self::assertNull($fields['people']['units'][0]['value']);
        self::assertNotContains('bucket', array_column($limits->json('sheets'), 'id'), 'a boom lift has no bucket');
        $this->compute('platform-load', [])->assertOk()->assertJsonPath('refused.field', 'people');
    }

    public function test_what_was_said_of_the_site_decides_what_holds(): void
    {
        $wind = ['rated' => ['value' => '12.5'], 'gusts' => ['value' => '10.4']];
        // Nobody has asked: the worse answer counts.
        $this->compute('wind', $wind)->assertOk()->assertJsonPath('result.fits', 'beyond');

        $this->say(['sheets' => 'no', 'indoors' => 'yes'])->assertJsonPath('results.0.problem', null);

        $this->compute('wind', $wind)->assertJsonPath('result.fits', 'within');
        $limits = $this->limits();
        $this->assertFits($limits, 'LimitsOfMachine');
        $site = array_column($limits->json('site'), null, 'id');
        self::assertSame(['no', null], [$site['sheets']['answer'], $site['sheets']['say']]);
        self::assertStringContainsString('poisons', $site['indoors']['unsuitable']['why']);
        self::assertContains('Scissor lift', array_column($site['indoors']['unsuitable']['instead'], 'name'));
        self::assertNull($site['lines']['answer']);
    }

    public function test_the_last_answer_of_the_site_counts_and_an_unknown_one_asks(): void
    {
        $this->say(['lines' => 'no', 'soft' => 'unknown']);
        $this->say(['lines' => 'yes']);

        $site = array_column($this->limits()->json('site'), null, 'id');
        self::assertSame('yes', $site['lines']['answer']);
        self::assertStringContainsString('owner of the line', $site['lines']['say']);
        self::assertStringContainsString('Ask', $site['soft']['say']);
    }

    public function test_limits_are_kept_with_the_hire_and_made_anew_from_the_ledger(): void
    {
        $this->set('platform-load', [
            'people' => ['value' => '2'],
            'tools' => ['value' => '40'],
            'accessories' => ['value' => '20'],
        ])->assertJsonPath('results.0.problem', null);
        $this->set('reach', [
            'job_out' => ['value' => '6'],
            'job_up' => ['value' => '14.5'],
            'lines' => ['value' => 'no'],
        ])->assertJsonPath('results.0.problem', null);

        $limits = $this->limits();
        $this->assertFits($limits, 'LimitsOfMachine');
        $set = array_column($limits->json('set'), null, 'sheet');
        self::assertSame('within', $set['platform-load']['result']['fits']);
        self::assertEquals(['value' => '230', 'unit' => 'kg'], $set['platform-load']['result']['ledger'][0]['yours']);
        self::assertEquals(['value' => '250', 'unit' => 'kg'], $set['platform-load']['inputs']['capacity']);
        self::assertSame(['6', '14.5'], $set['reach']['result']['picture']['job']);

        $before = HireLimit::query()->orderBy('id')->get()->toArray();
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, HireLimit::query()->orderBy('id')->get()->toArray());
    }

    public function test_limits_of_one_machine_do_not_hold_for_another(): void
    {
        $this->set('platform-load', ['people' => ['value' => '1']]);
        $other = $this->machine->replicate()->fill(['fleet_number' => 'X-99', 'serial' => 'SN-99']);
        $other->save();
        $this->hire->update(['machine_id' => $other->id]);

        $this->getJson("/api/machines/{$other->id}/limits?hire={$this->hire->id}")
            ->assertOk()
            ->assertJsonPath('set', []);
        $this->limits()->assertNotFound();
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        yield 'nothing typed' => ['platform-load', [], '/problems/limits-refused'];
        yield 'ten times the machine' => [
            'platform-load',
            ['people' => ['value' => '2'], 'capacity' => ['value' => '2500']],
            '/problems/limits-refused',
        ];
        yield 'a length for a load' => [
            'platform-load',
            ['people' => ['value' => '2'], 'tools' => ['value' => '5', 'unit' => 'm']],
            '/problems/limits-refused',
        ];
        yield 'a sheet of another machine' => ['bucket', [], '/problems/no-such-sheet'];
    }

    /** @param  array<string, mixed>  $inputs */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_computed_is_not_kept(string $sheet, array $inputs, string $problem): void
    {
        $this->set($sheet, $inputs)->assertJsonPath('results.0.problem.type', $problem);

        self::assertSame(0, HireLimit::query()->count());
    }

    public function test_a_question_that_nobody_asks_is_refused(): void
    {
        $this->say(['moon' => 'yes'])->assertJsonPath('results.0.problem.status', 422);

        self::assertSame([], HireSiteAnswer::of($this->hire->id));
        $this->say(['lines' => 'unknown']);
        self::assertSame(['lines' => SiteAnswer::Unknown], HireSiteAnswer::of($this->hire->id));
    }

    public function test_limits_are_read_in_pounds_and_feet_and_in_spanish(): void
    {
        $this->as(Role::Counter)->update(['units' => 'us', 'language' => 'es']);
        $result = $this->compute('platform-load', [
            'people' => ['value' => '2'],
            'tools' => ['value' => '220', 'unit' => 'lb'],
        ]);

        self::assertStringContainsString('lb', $result->json('result.says'));
        self::assertStringContainsString('En el piso', $result->json('result.ledger.0.what'));
    }

    public function test_whoever_takes_the_machine_is_told_and_the_card_has_them(): void
    {
        $this->set('platform-load', ['people' => ['value' => '2'], 'tools' => ['value' => '40']]);
        $this->say(['lines' => 'yes', 'soft' => 'no']);
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        $briefing = $this->getJson("/api/walks/{$walk->id}/briefing")->assertOk();
        $this->assertFits($briefing, 'Briefing');
        self::assertSame(['platform-load'], array_column($briefing->json('limits'), 'sheet'));
        self::assertStringContainsString('50 kg to spare', $briefing->json('limits.0.says'));
        self::assertCount(1, $briefing->json('site_cautions'));
        $without = strlen(
            (string) $this->get("/api/walks/{$walk->id}/card")
                ->assertOk()
                ->getContent(),
        );
        HireLimit::query()->delete();
        self::assertNotSame($without, strlen((string) $this->get("/api/walks/{$walk->id}/card")->getContent()));
    }

    public function test_a_hirer_who_reads_french_is_told_in_french_what_a_sheet_concludes(): void
    {
        $this->set('platform-load', ['people' => ['value' => '2'], 'tools' => ['value' => '40']]);
        App::setLocale('fr');
        [$told] = $this->app->make(LimitsTold::class)->limits($this->hire->id, $this->machine);

        self::assertSame('Dans la limite, 50 kg de marge.', $told['says']);
        self::assertSame('Sur le plancher', $told['lines'][0]['what']);
    }

    public function test_a_card_with_every_limit_of_a_machine_is_still_a_card(): void
    {
        $this->as(Role::Lead);
        foreach ($this->limits()->json('sheets') as $sheet) {
            $inputs = collect($sheet['fields'])
                ->whereNotIn('kind', ['choice', 'chart'])
                ->whereNull('from')
                ->where('need', '!=', 'optional')
                ->mapWithKeys(static fn (array $field): array => [
                    $field['name'] => ['value' => $field['name'] === 'ramp' ? '9' : '2'],
                ]);
            // One of the two is asked for: the air of a soft tyre, or the patch of a hard one.
            $either = $sheet['id'] === 'wheels' ? ['inflation' => ['value' => '350']] : [];
            $this->set($sheet['id'], $inputs->all() + $either)->assertJsonPath('results.0.problem', null);
        }
        $this->say(array_fill_keys(array_column($this->limits()->json('site'), 'id'), 'unknown'));
        $walk = $this->openWalk();

        foreach (['en', 'es'] as $language) {
            $card = (string) $this->get("/api/walks/{$walk->id}/card?language={$language}&paper=letter")
                ->assertOk()
                ->getContent();
            self::assertStringStartsWith('%PDF', $card);
            self::assertGreaterThanOrEqual(2, preg_match_all('~/Type /Page\b(?!s)~', $card));
        }
    }

    public function test_an_auditor_reads_and_sets_none(): void
    {
        $this->as(Role::Auditor);

        $this->limits()->assertOk();
        $this->set('platform-load', ['people' => ['value' => '1']])->assertForbidden();
    }

    public function test_the_law_that_the_yard_chose_says_by_which_school_a_line_is_kept_from(): void
    {
        $sheet = fn (): array => collect($this->limits()->json('sheets'))->firstWhere('id', 'overhead-line');
        $school = static fn (): ?string => $sheet()['fields'][1]['value'];
        self::assertSame('us_lifting', $school());
        $this->as(Role::Lead);
        $this->putJson('/api/house-rules/law', ['value' => 'gb', 'reason' => 'We are in Britain'])->assertOk();

        self::assertSame('uk', $school());
    }

    public function test_what_the_site_rules_out_is_not_told_and_not_asked_for_at_the_signature(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $told = fn (): array => array_column($this->getJson("/api/walks/{$walk->id}/briefing")->json('steps'), 'id');
        $before = $told();
        self::assertContains('frost', $before);
        $this->say(['frost' => 'no'])->assertOk();

        $after = $told();
        self::assertEqualsCanonicalizing(
            ['frost', 'frost_warm'],
            array_values(array_diff($before, $after)),
        );
        $lengths = $this->getJson("/api/walks/{$walk->id}/briefing")->json('lengths');
        self::assertSame($after, $lengths[0]['steps']);
    }

    private function limits(): TestResponse
    {
        return $this->getJson("/api/machines/{$this->machine->id}/limits?hire={$this->hire->id}");
    }

    /** @param  array<string, mixed>  $inputs */
    private function compute(string $sheet, array $inputs): TestResponse
    {
        $answer = $this->postJson("/api/machines/{$this->machine->id}/limits/{$sheet}", [
            'hire_id' => $this->hire->id,
            'inputs' => (object) $inputs,
        ]);
        $this->assertFits($answer, 'ComputedLimits');

        return $answer;
    }

    /** @param  array<string, string>  $answers */
    private function say(array $answers): TestResponse
    {
        return $this->tell('site.answered', ['answers' => $answers]);
    }

    /** @param  array<string, mixed>  $inputs */
    private function set(string $sheet, array $inputs): TestResponse
    {
        return $this->tell('limits.set', ['sheet' => $sheet, 'inputs' => (object) $inputs]);
    }

    /** @param  array<string, mixed>  $payload */
    private function tell(string $kind, array $payload): TestResponse
    {
        return $this->postJson("/api/hires/{$this->hire->id}/entries", ['entries' => [$this->entry($kind, $payload)]]);
    }
}
