<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Finding;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

final class ReleaseTest extends YardTestCase
{
    public function test_a_walk_on_which_everything_stands_is_released(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $release = $this->getJson("/api/walks/{$walk->id}/release")->assertOk();
        $this->assertFits($release, 'Release');
        self::assertSame('released', $release->json('decision'));

        $this->decide($walk, 'released')->assertOk();
        self::assertSame('ready', $this->hire->refresh()->standing()->value);
    }

    public function test_an_unanswered_stop_check_is_released_by_nobody(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk, own: ['trn-direction' => null]);
        foreach (['released', 'released_with_conditions'] as $decision) {
            foreach ([Role::Technician, Role::Lead, Role::Mechanic] as $role) {
                $this->as($role);
                $this->decide(
                    $walk,
                    $decision,
                    [['reference' => 'trn-direction', 'words' => 'drive slowly']],
                )->assertStatus(409);
            }
        }
    }

    public function test_a_stop_finding_is_released_by_nobody_and_a_tag_stops_the_hire(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'finding.placed', [
            'at' => ['x' => -180, 'y' => -44],
            'kind' => 'cut',
            'size_mm' => 40,
            'words' => 'hose cut',
            'photos' => [],
        ]);
        self::assertSame('tagged_out', $this->getJson("/api/walks/{$walk->id}/release")->json('decision'));
        $this->decide($walk, 'released')->assertStatus(409);
        $this->decide($walk, 'released_with_conditions')->assertStatus(409);

        $this->post_($walk, 'tag.hung', ['reason' => 'hose cut to the wire']);
        self::assertSame('stopped', $this->hire->refresh()->standing()->value);
        $this->send($walk, $this->entry('tag.hung', ['reason' => 'again']))->assertStatus(409);
    }

    public function test_only_the_lead_releases_with_conditions_and_only_when_each_ground_has_one(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk, own: ['cab-glass' => ['answer' => 'amiss', 'words' => 'stone chip']]);
        self::assertSame('held', $this->getJson("/api/walks/{$walk->id}/release")->json('decision'));
        $condition = [['reference' => 'cab-glass', 'words' => 'New pane on Thursday, works by day only.']];
        $this->decide($walk, 'released_with_conditions', $condition)->assertForbidden();
        $this->as(Role::Lead);
        $this->decide($walk, 'released_with_conditions')->assertStatus(422);

        $this->decide($walk, 'released_with_conditions', $condition)->assertOk();
        self::assertSame($condition, $this->getJson("/api/walks/{$walk->id}/release")->json('decided.conditions'));
    }

    public function test_severity_is_proposed_by_rule_raised_by_anybody_and_lowered_by_the_lead_with_a_reason(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $description = ['at' => ['x' => 25, 'y' => -80], 'kind' => 'leak', 'degree' => 'drop'];
        $proposal = $this->postJson("/api/walks/{$walk->id}/severity-proposals", $description)->assertOk();
        $this->assertFits($proposal, 'SeverityProposal');
        self::assertSame(['hold', 'Hydraulic tank'], [$proposal->json('severity'), $proposal->json('part')]);
        $this->send(
            $walk,
            $this->entry('finding.placed', $description + ['words' => '', 'photos' => [], 'severity' => 'note']),
        )->assertForbidden();
        $finding = $this->post_(
            $walk,
            'finding.placed',
            $description + ['words' => 'at the return line', 'photos' => []],
        );

        $this->post_($walk, 'finding.graded', ['finding' => $finding, 'severity' => 'stop', 'reason' => '']);
        $this->send(
            $walk,
            $this->entry('finding.graded', ['finding' => $finding, 'severity' => 'note', 'reason' => 'looks fine']),
        )->assertForbidden();
        $this->as(Role::Lead);
        $this->send(
            $walk,
            $this->entry('finding.graded', ['finding' => $finding, 'severity' => 'note', 'reason' => '']),
        )->assertStatus(422);
        $this->post_($walk, 'finding.graded', [
            'finding' => $finding,
            'severity' => 'note',
            'reason' => 'Wiped and dry after ten minutes at work.',
        ]);
        self::assertSame('note', $this->getJson("/api/walks/{$walk->id}")->json('state.findings.0.severity'));
    }

    /** @param  list<array{reference: string, words: string}>  $conditions */
    public function test_what_holds_says_on_which_side_and_in_the_readers_language(): void
    {
        $this->machine->update(['model_id' => 'wexmoor_l7']);
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        $cut = ['answer' => 'amiss', 'words' => 'cut'];
        $this->walkThrough($walk, own: [
            'tyr-match@running_gear_left' => $cut,
            'tyr-match@running_gear_right' => $cut,
        ]);
        $this->post_($walk, 'finding.placed', [
            'at' => ['x' => 0, 'y' => 0],
            'kind' => 'dent',
            'size_mm' => 400,
            'words' => 'dented',
            'photos' => [],
            'severity' => 'hold',
        ]);
        $this->post_($walk, 'check.answered', ['line' => 'tyr-match@running_gear_left'] + $cut);
        $titles = fn (): array => array_column(
            $this->getJson("/api/walks/{$walk->id}/release")->assertOk()->json('grounds'),
            'title',
        );
        $part = (string) Finding::query()->value('part');

        self::assertEqualsCanonicalizing(
            ['Same size and make on axle, left wheels', 'Same size and make on axle, right wheels', "Dent, {$part}"],
            $titles(),
        );
        $this->putJson('/api/session/preferences', ['language' => 'es'])->assertOk();
        self::assertCount(2, preg_grep('/^Mism.*, ruedas (izquierdas|derechas)$/', $titles()) ?: []);
        $trail = array_column($this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries'), 'title');
        self::assertContains('Mismo tamaño y marca en el eje, ruedas izquierdas', $trail);
        self::assertCount(1, preg_grep('/^Abolladura, (?!'.preg_quote($part, '/').')/', $titles()) ?: []);
    }

    private function decide(Walk $walk, string $decision, array $conditions = []): TestResponse
    {
        return $this->send(
            $walk,
            $this->entry('release.decided', ['decision' => $decision, 'conditions' => $conditions]),
        );
    }
}
