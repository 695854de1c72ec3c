<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Tests\Support\YardTestCase;

/** A machine goes out and comes back. */
final class HireTest extends YardTestCase
{
    public function test_a_machine_is_handed_over_only_when_it_is_released_and_every_step_was_shown(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $sign = [
            'name' => 'Tobias Wray',
            'signature' => [[10, 20, 30, 40]],
            'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
        ];
        $this->send($walk, $this->entry('handover.signed', $sign))
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/release-first');
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->send($walk, $this->entry('handover.signed', $sign))
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/steps-not-shown');
        $this->handOverSteps($walk);
        $this->post_($walk, 'handover.signed', $sign);

        $briefing = $this->getJson("/api/walks/{$walk->id}/briefing");
        $this->assertFits($briefing, 'Briefing');
        self::assertSame('Tobias Wray', $briefing->json('signed_name'));
        self::assertSame('out', $this->hire->refresh()->standing()->value);
        $this->send($walk, $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'amiss']))
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/walk-is-over');
    }

    public function test_the_spread_shows_out_in_and_difference_and_is_closed_when_what_does_not_balance_is_explained(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $old = $this->post_($out, 'finding.placed', [
            'at' => ['x' => 100, 'y' => 86],
            'kind' => 'scrape',
            'size_mm' => 180,
            'words' => 'cooler door',
            'photos' => [],
        ]);
        $this->walkThrough($out, '1842.3');
        $this->handOver($out);
        $this->travel(2)->days();
        $this->as(Role::Technician);
        $in = $this->openWalk('return');
        $this->walkThrough(
            $in,
            '1871.9',
            values: ['fuel-level' => '170', 'doc-key-label' => '2', 'hyd-level-glass' => '30'],
        );
        $new = $this->post_($in, 'finding.placed', [
            'at' => ['x' => 200, 'y' => -60],
            'kind' => 'dent',
            'size_mm' => 120,
            'words' => 'counterweight',
            'photos' => [],
        ]);

        $this->send($in, $this->entry('hire.closed', []))
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/return-walk-first');
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $spread = $this->getJson("/api/hires/{$this->hire->id}/spread")->assertOk();
        $this->assertFits($spread, 'Spread');
        $readings = array_column($spread->json('readings'), null, 'key');
        self::assertSame(
            ['1842.3', '1871.9', '29.6'],
            [
                $readings['doc-hour-meter']['out']['value'],
                $readings['doc-hour-meter']['in']['value'],
                $readings['doc-hour-meter']['difference'],
            ],
        );
        self::assertSame('missing', $readings['doc-key-label']['balance']);
        self::assertSame(
            ['doc-key-label', 'fuel-level', $old, $new],
            $spread->json('unexplained'),
            'a key, fuel that was used, damage nobody looked at, and new damage',
        );

        $this->post_($in, 'finding.seen_again', [
            'finding' => $old,
            'size_mm' => 310,
            'words' => 'grown',
            'photos' => [],
        ]);
        $damage = array_column(
            $this->getJson("/api/hires/{$this->hire->id}/spread")->json('findings'),
            null,
            'balance',
        );
        self::assertSame(
            [180, 310, 130],
            [
                $damage['grown_damage']['out_mm'],
                $damage['grown_damage']['in_mm'],
                $damage['grown_damage']['difference_mm'],
            ],
        );
        self::assertSame('hold', $damage['grown_damage']['finding']['severity'], 'a note that grows becomes hold');
        $this->send($in, $this->entry('hire.closed', []))
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/does-not-balance');
        foreach ([['84.50', 'EUR'], ['0', 'GBP'], ['0.005', 'GBP']] as [$amount, $currency]) {
            $charge = ['amount' => $amount, 'currency' => $currency];
            $this->send($in, $this->entry('spread.explained', [
                'line' => $new, 'words' => 'Charged.', 'charge' => $charge,
            ]))->assertStatus(422);
        }
        foreach (['doc-key-label' => null, 'fuel-level' => '12.3', $old => '84.50', $new => null] as $line => $amount) {
            $this->post_($in, 'spread.explained', ['line' => $line, 'words' => 'Charged to the hirer.'] + (
                $amount === null ? [] : ['charge' => ['amount' => $amount, 'currency' => 'GBP']]
            ));
        }
        $explained = $this->getJson("/api/hires/{$this->hire->id}/spread");
        $this->assertFits($explained, 'Spread');
        $grown = array_column($explained->json('findings'), null, 'balance')['grown_damage'];
        self::assertSame(
            ['Charged to the hirer.', 'cooler door'],
            [$grown['explanation']['words'], $grown['finding']['words']],
            'the words of whoever found it stay beside it',
        );
        self::assertNotSame('', $grown['explanation']['by']['name']);
        self::assertSame(['amount' => '84.50', 'currency' => 'GBP'], $grown['explanation']['charge']);
        self::assertSame([['amount' => '96.80', 'currency' => 'GBP']], $explained->json('charged'));
        $this->post_($in, 'hire.closed', []);
        self::assertSame('closed', $this->hire->refresh()->standing()->value);
    }

    public function test_what_came_back_low_stays_in_the_spread_when_it_was_filled_up(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->walkThrough($out, '1842.3');
        $this->handOver($out);
        $this->travel(2)->days();
        $this->as(Role::Technician);
        $in = $this->openWalk('return');
        $this->cross($in, 'cold_isolated');
        $low = $this->post_($in, 'reading.posted', $this->reading('hyd-level-glass', '18'));
        $this->post_($in, 'reading.posted', $this->reading('hyd-level-glass', '30'));

        $spread = $this->getJson("/api/hires/{$this->hire->id}/spread");
        $this->assertFits($spread, 'Spread');
        $oil = array_column($spread->json('readings'), null, 'key')['hyd-level-glass'];
        self::assertSame(['18', 'attend'], [$oil['in']['value'], $oil['in']['outcome']], 'as it came back');
        self::assertSame(
            ['to' => '30', 'litres' => '1', 'fluid' => 'ISO 46', 'is_measured' => false],
            $oil['topped_up'],
        );
        self::assertSame('stands', $oil['outcome']);

        $this->post_($in, 'entry.struck', ['reason' => 'read on the wrong glass'], $low);
        $oil = array_column(
            $this->getJson("/api/hires/{$this->hire->id}/spread")->json('readings'),
            null,
            'key',
        )['hyd-level-glass'];
        self::assertSame(
            ['30', null],
            [$oil['in']['value'], $oil['topped_up']],
            'a reading that was struck is not what came back',
        );
    }

    public function test_the_spread_says_what_the_line_said_also_when_an_earlier_reading_was_sent_last(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->cross($out, 'cold_isolated');
        $this->travel(20)->minutes();
        $this->post_($out, 'reading.posted', $this->reading('hyd-level-glass', '30'));
        $late = $this->entry('reading.posted', $this->reading('hyd-level-glass', '33'));
        $late['recorded_at'] = now()->subMinutes(10)->utc()->format('Y-m-d\TH:i:s.u\Z');

        $this->send($out, $late)->assertOk()->assertJsonPath('results.0.status', 'posted');

        $line = array_column($this->getJson("/api/walks/{$out->id}/state")->json('lines'), null, 'key');
        self::assertSame('33', $line['hyd-level-glass']['value']);
        $spread = $this->getJson("/api/hires/{$this->hire->id}/spread")->assertOk();
        self::assertSame(
            '33',
            array_column($spread->json('readings'), null, 'key')['hyd-level-glass']['out']['value'],
        );
    }

    public function test_the_day_shows_the_hire_on_its_side_with_its_latest_start(): void
    {
        $this->as(Role::Technician);
        $day = $this->getJson(
            '/api/day?date='.
                $this->hire->goes_out_at
                    ->setTimezone($this->app->make(CurrentYard::class)->timezone())
                    ->format('Y-m-d'),
        )->assertOk();
        $this->assertFits($day, 'Day');
        $row = collect($day->json('outs'))->firstWhere('hire_id', $this->hire->id);

        self::assertSame(['booked', 'walk', true], [$row['standing'], $row['opens'], $row['machine_is_here']]);
        self::assertSame($row['work_seconds'], strtotime($row['due_at']) - strtotime($row['start_by']));
        $this->assertFits($this->getJson('/api/day?date=yesterday')->assertStatus(422), 'Problem');
    }

    private function handOverSteps(Walk $walk): void
    {
        $this->send($walk, ...$this->briefed($walk))->assertOk();
    }

    public function test_damage_that_nobody_measured_has_not_grown_when_somebody_does(): void
    {
        $this->as(Role::Lead);
        $out = $this->openWalk();
        $old = $this->post_($out, 'finding.placed', [
            'at' => ['x' => 100, 'y' => 86], 'kind' => 'scrape', 'words' => 'cooler door', 'photos' => [],
        ]);
        $this->walkThrough($out, '1842.3');
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Lead);
        $in = $this->openWalk('return', $out->hire);

        $this->post_($in, 'finding.seen_again', ['finding' => $old, 'size_mm' => 120, 'words' => '', 'photos' => []]);

        $line = $this->getJson("/api/hires/{$this->hire->id}/spread")->json('findings.0');
        self::assertSame(['balanced', 0], [$line['balance'], $line['difference_mm']]);
        self::assertSame('note', $line['finding']['severity'], 'and is not held for it');
    }
}
