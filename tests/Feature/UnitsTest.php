<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Presenters\PresentPhrase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Everybody reads figures in their own units; what is stored is what the plate says. */
final class UnitsTest extends YardTestCase
{
    #[TestWith(['si', 'si', '6 mm below the Add mark.', 'Add 1 L of ISO 46'])]
    #[TestWith(['us', 'us', '0.24 in below the Add mark.', 'Add 0.3 US gal of ISO 46'])]
    #[TestWith(['both', 'si_first', '6 mm (0.24 in) below the Add mark.', 'Add 1 L (0.3 US gal) of ISO 46'])]
    #[TestWith(['yard', 'si', '6 mm below the Add mark.', 'Add 1 L of ISO 46'])]
    public function test_a_verdict_is_written_in_the_units_of_whoever_reads_it(
        string $choice,
        string $shown,
        string $reason,
        string $act,
    ): void {
        $this->as(Role::Technician);
        $walk = $this->walkWithLowOil();

        self::assertSame(
            $shown,
            $this->putJson('/api/session/preferences', ['units' => $choice])
                ->assertOk()
                ->json('user.units_shown'),
        );
        $verdict = $this->verdict($walk);
        self::assertSame($reason, $verdict['reason']);
        self::assertStringStartsWith($act, $verdict['act']);
    }

    #[TestWith(['si', 'si', 'si_first'])]
    #[TestWith(['us', 'us_first', 'us_first'])]
    #[TestWith(['both', 'si_first', 'si_first'])]
    public function test_whoever_chose_nothing_reads_as_the_yard_does_and_the_order_of_both_is_the_yards(
        string $rule,
        string $shown,
        string $both,
    ): void {
        $this->as(Role::Lead);
        $this->putJson('/api/house-rules/units', ['value' => $rule, 'reason' => 'mixed gauges'])->assertOk();
        $this->as(Role::Technician);

        self::assertSame(
            ['yard', $shown],
            [
                $this->getJson('/api/session')->json('user.units'),
                $this->getJson('/api/session')->json('user.units_shown'),
            ],
        );
        self::assertSame(
            $both,
            $this->putJson('/api/session/preferences', ['units' => 'both'])->json('user.units_shown'),
        );
    }

    public function test_what_is_stored_does_not_depend_on_the_units_of_whoever_posts(): void
    {
        $this->as(Role::Technician);
        $walk = $this->walkWithLowOil();
        $stored = [];
        foreach (['si', 'us'] as $units) {
            $this->putJson('/api/session/preferences', ['units' => $units])->assertOk();
            $entry = $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '18'));
            $stored[] = LedgerEntry::query()->where('id', $entry)->firstOrFail()->judgement()->toArray();
        }

        self::assertSame($stored[0], $stored[1]);
        self::assertEquals(['value' => '6', 'unit' => 'mm'], $stored[0]['verdict']['reason']['figures']['gap']);
    }

    /** The decimal comma of Spanish: Unicode CLDR, common/main/es.xml. */
    public function test_a_verdict_has_the_decimal_mark_of_the_language(): void
    {
        $this->as(Role::Technician);
        $walk = $this->walkWithLowOil();
        $this->putJson('/api/session/preferences', ['units' => 'us', 'language' => 'es'])->assertOk();

        self::assertStringStartsWith('0,24 in', $this->verdict($walk)['reason']);
        self::assertStringContainsString('0,3 US gal', $this->verdict($walk)['act']);
        self::assertStringContainsString('0,', implode(' ', $this->verdict($walk)['working']));
    }

    public function test_a_step_that_names_a_figure_of_the_model_is_read_with_it(): void
    {
        $this->as(Role::Technician);
        $phrase = ['key' => 'test.failed', 'figures' => [
            'step' => '1', 'do' => 'Raise it.', 'expect' => 'Halts at {axles_in_angle}.', 'observed' => 'It went on.',
            'axles_in_angle' => ['value' => '10', 'unit' => 'deg'],
        ]];

        self::assertMatchesRegularExpression('/expected "Halts at 10 ?°\."/', PresentPhrase::sentence($phrase));
    }

    public function test_a_sentence_that_was_written_without_units_still_has_them(): void
    {
        $this->as(Role::Technician);
        $walk = $this->walkWithLowOil();
        $line = WalkLine::query()->where('walk_id', $walk->id)->where('key', 'hyd-level-glass')->firstOrFail();
        $judgement = $line->judgement;
        $judgement['verdict']['reason'] = [
            'key' => 'track.slack',
            'figures' => ['sag' => '45', 'least' => '20', 'most' => '30', 'strokes' => '4'],
        ];
        $judgement['verdict']['act'] = [
            'key' => 'level.add_and_reread',
            'figures' => ['volume' => '1.5', 'fluid' => 'ISO 46', 'minutes' => '5'],
        ];
        WalkLine::query()
            ->where('walk_id', $walk->id)
            ->where('key', 'hyd-level-glass')
            ->update(['judgement' => json_encode($judgement)]);

        self::assertSame(
            ['45 mm: too slack, the band is 20 mm to 30 mm.', 'Add 1.5 L of ISO 46, re-read after 5 min.'],
            [$this->verdict($walk)['reason'], $this->verdict($walk)['act']],
        );
        $this->putJson('/api/session/preferences', ['units' => 'us']);
        self::assertSame('1.77 in: too slack, the band is 0.79 in to 1.18 in.', $this->verdict($walk)['reason']);

        $judgement['verdict']['reason'] = ['key' => 'glass.below_add', 'figures' => ['gap' => '6.5 mm']];
        WalkLine::query()
            ->where('walk_id', $walk->id)
            ->where('key', 'hyd-level-glass')
            ->update(['judgement' => json_encode($judgement)]);
        self::assertSame('0.256 in below the Add mark.', $this->verdict($walk)['reason']);
    }

    /**
     * Factors: NIST SP 811, Appendix B.8; 25.4 mm to the inch, 3.785412 L to the US gallon, 6.894757 kPa to the psi,
     * 0.44704 m/s to the mile per hour.
     */
    public function test_the_session_says_what_the_second_unit_of_each_is(): void
    {
        $this->as(Role::Technician);
        $session = $this->getJson('/api/session');
        $this->assertFits($session, 'Session');
        $pairs = array_column($session->json('unit_pairs'), null, 'unit');

        foreach (
            [
                'mm' => 1 / 25.4,
                'l' => 1 / 3.785411784,
                'kPa' => 1 / 6.894757293,
                'bar' => 100 / 6.894757293,
                'm_s' => 1 / 0.44704,
                'degC' => 1.8,
            ] as $unit => $per
        ) {
            self::assertEqualsWithDelta($per, $pairs[$unit]['per'], 1e-6, $unit);
        }
        self::assertSame(32, $pairs['degC']['offset']);
        self::assertArrayNotHasKey('h', $pairs, 'an hour is an hour');
    }

    private function walkWithLowOil(): Walk
    {
        $walk = $this->openWalk();
        $this->walkUpTo($walk, 'hyd-level-glass');
        $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '18'));

        return $walk;
    }

    /** @return array<string, mixed> */
    private function verdict(Walk $walk): array
    {
        return array_column(
            $this->getJson("/api/walks/{$walk->id}")->json('state.lines'),
            null,
            'key',
        )['hyd-level-glass']['judgement']['verdict'];
    }
}
