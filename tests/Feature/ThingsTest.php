<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\HireStatus;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** What goes along beside the machine: counted out, told, counted back, and explained where it is missing. */
final class ThingsTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->machine->update(['model_id' => 'ardlow_20b']);
    }

    public function test_what_is_offered_fits_the_machine(): void
    {
        $this->as(Role::Technician);
        $boom = array_column($this->briefing($this->openWalk())->json('things'), 'thing');

        self::assertContains('harness', $boom);
        self::assertNotContains('air_hose', $boom);
        self::assertNotContains('power_cable', $boom);
    }

    public function test_what_went_along_is_missing_until_it_is_counted_back_or_explained(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->walkThrough($out);
        $this->post_($out, 'things.handed', ['things' => [
            ['thing' => 'harness', 'count' => 3, 'marks' => 'H-11, H-12, H-14'],
            ['thing' => 'padlock', 'count' => 1],
        ]]);
        // Counted again: the last count is the one that counts.
        $this->post_($out, 'things.handed', ['things' => [
            ['thing' => 'harness', 'count' => 2, 'marks' => 'H-11, H-12'],
        ]]);
        $told = array_column($this->briefing($out)->json('things'), null, 'thing');
        self::assertSame([2, 'H-11, H-12'], [$told['harness']['handed'], $told['harness']['marks']]);
        $this->handOver($out);
        $in = $this->openWalk('return');
        self::assertSame('not_yet_in', $this->line('thing:harness')['balance']);
        $this->walkThrough($in);
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        self::assertContains('thing:harness', $this->spread()['unexplained'], 'nobody counted it back');

        $this->post_($in, 'things.returned', ['things' => [
            ['thing' => 'harness', 'count' => 1],
            ['thing' => 'padlock', 'count' => 1],
        ]]);
        $harness = $this->line('thing:harness');
        self::assertSame(
            ['Harness with its lanyard', '2', '1', '-1', 'missing'],
            [
                $harness['name'],
                $harness['out']['value'],
                $harness['in']['value'],
                $harness['difference'],
                $harness['balance'],
            ],
        );
        self::assertSame('balanced', $this->line('thing:padlock')['balance']);
        $this->send($in, $this->entry('hire.closed', []))->assertJsonPath('results.0.status', 'refused');

        $this->post_($in, 'spread.explained', ['line' => 'thing:harness', 'words' => 'Charged to the hirer.']);
        $this->post_($in, 'hire.closed', []);
        self::assertSame(HireStatus::Closed, $this->hire->refresh()->standing());

        $before = DB::table('hire_things')->orderBy('thing')->get()->all();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals($before, DB::table('hire_things')->orderBy('thing')->get()->all());
    }

    public function test_what_does_not_go_along_and_what_was_not_handed_is_refused_in_words(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        self::assertSame('no-such-thing', $this->refusal($out, 'things.handed', 'air_hose'));
        self::assertSame('no-such-thing', $this->refusal($out, 'things.handed', 'a ladder'));
        self::assertSame('nothing-out-yet', $this->refusal($out, 'things.returned', 'harness'));
        $this->post_($out, 'things.handed', ['things' => [['thing' => 'harness', 'count' => 1]]]);
        $this->walkThrough($out);
        $this->handOver($out);
        $in = $this->openWalk('return');
        self::assertSame('thing-not-handed', $this->refusal($in, 'things.returned', 'padlock'));
        // What was forgotten at the gate may still be written down, until the first thing is counted back.
        $this->post_($in, 'things.handed', ['things' => [['thing' => 'padlock', 'count' => 1]]]);
        $this->post_($in, 'things.returned', ['things' => [['thing' => 'harness', 'count' => 1]]]);
        self::assertSame('things-are-back', $this->refusal($in, 'things.handed', 'padlock'));
    }

    public function test_who_only_reads_counts_nothing(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->as(Role::Auditor);

        $this->postJson("/api/walks/{$out->id}/entries", ['entries' => [
            $this->entry('things.handed', ['things' => [['thing' => 'harness', 'count' => 1]]]),
        ]])->assertForbidden();
    }

    private function refusal(Walk $walk, string $kind, string $thing): string
    {
        $result = $this->send($walk, $this->entry($kind, ['things' => [['thing' => $thing, 'count' => 1]]]))
            ->json('results.0');

        return basename((string) $result['problem']['type']);
    }

    private function briefing(Walk $walk): \Illuminate\Testing\TestResponse
    {
        $briefing = $this->getJson("/api/walks/{$walk->id}/briefing")->assertOk();
        $this->assertFits($briefing, 'Briefing');

        return $briefing;
    }

    /** @return array<string, mixed> */
    private function spread(): array
    {
        $spread = $this->getJson("/api/hires/{$this->hire->id}/spread")->assertOk();
        $this->assertFits($spread, 'Spread');

        return $spread->json();
    }

    /** @return array<string, mixed> */
    private function line(string $key): array
    {
        return array_column($this->spread()['readings'], null, 'key')[$key];
    }
}
