<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\Tag;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** The tag-out loop: stopped, tagged, mended, tried again, tagged in by another, released. */
final class RepairTest extends YardTestCase
{
    public function test_from_the_stop_to_the_release_by_way_of_the_mechanic_and_a_second_person(): void
    {
        $walk = $this->taggedForTheBrake();
        self::assertSame(
            'tag_forbids_power',
            $this->refusal($walk, 'state.crossed', [
                'stage' => 'running',
                'confirmed' => $this->confirmed($walk, 'running'),
            ]),
        );
        self::assertSame(
            'not_yours_to_do',
            $this->refusal($walk, 'repair.recorded', $this->repair()),
            'a technician mends nothing',
        );
        self::assertSame('tag_stays_not_repaired', $this->refusal($walk, 'tag.lifted', []));

        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', $this->repair());
        $release = $this->getJson("/api/walks/{$walk->id}/release");
        $this->assertFits($release, 'Release');
        self::assertContains('saf-work-lock', $release->json('repair.still_due'));
        self::assertSame('tag_stays_repaired_by_the_same', $this->refusal($walk, 'tag.lifted', []));

        $this->as(Role::Technician);
        self::assertSame('tag_stays_lines_are_due', $this->refusal($walk, 'tag.lifted', []));
        $this->walkLines($walk, $release->json('repair.still_due'));
        self::assertNull($this->getJson("/api/walks/{$walk->id}/release")->json('tag_stays'));
        $this->post_($walk, 'tag.lifted', []);
        self::assertNull(Walk::query()->findOrFail($walk->id)->decision, 'the decision is open again');
        $this->walkLines($walk, array_values($walk->lines()->where('outcome', 'open')->pluck('key')->all()));
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);

        self::assertSame('ready', $walk->hire->refresh()->standing()->value);
        $kinds = LedgerEntry::query()
            ->where('walk_id', $walk->id)
            ->whereIn('kind', ['tag.hung', 'repair.recorded', 'tag.lifted', 'release.decided'])
            ->orderBy('sequence')
            ->pluck('kind')
            ->all();
        self::assertSame(
            ['tag.hung', 'repair.recorded', 'tag.lifted', 'release.decided'],
            $kinds,
            'the trail keeps all of it',
        );
    }

    public function test_two_mechanics_do_not_repair_under_one_tag_at_once_but_a_second_failure_is_mended_again(): void
    {
        $walk = $this->taggedForTheBrake();
        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', $this->repair());
        $this->as(Role::Mechanic);
        self::assertSame('repaired_already', $this->refusal($walk, 'repair.recorded', $this->repair()));

        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'check.answered', ['line' => $this->stopLine($walk), 'answer' => 'amiss']);
        $this->post_($walk, 'repair.recorded', $this->repair([$this->stopLine($walk)]));
        self::assertCount(2, DB::table('repairs')->where('walk_id', $walk->id)->get());
    }

    public function test_the_tag_stays_while_another_stop_finding_is_open_and_goes_when_it_is_mended_too(): void
    {
        $walk = $this->taggedForTheBrake();
        $finding = $this->post_(
            $walk,
            'finding.placed',
            [
                'at' => ['x' => 0, 'y' => 0],
                'kind' => 'crack',
                'size_mm' => 200,
                'words' => 'boom foot',
                'photos' => [],
            ] + ['severity' => 'stop'],
        );
        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', $this->repair());
        $due = $this->getJson("/api/walks/{$walk->id}/release")->json('repair.still_due');
        $this->as(Role::Technician);
        $this->walkLines($walk, $due);
        self::assertSame('tag_stays_something_stops', $this->refusal($walk, 'tag.lifted', []));

        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', ['findings' => [$finding], 'lines' => []] + $this->repair());
        $due = $this->getJson("/api/walks/{$walk->id}/release")->json('repair.still_due');
        self::assertNotSame([], $due, 'what is looked at where the finding was is due again');
        $this->as(Role::Lead);
        $this->walkLines($walk, $due);
        $this->post_($walk, 'tag.lifted', []);
        self::assertSame([], $this->getJson("/api/walks/{$walk->id}")->json('state.findings'));
    }

    public function test_the_number_of_a_tag_stands_in_its_entry_and_a_rebuild_keeps_it(): void
    {
        $walk = $this->taggedForTheBrake();
        $tag = Tag::hangingOn($walk->machine_id);
        self::assertNotNull($tag);
        $entry = LedgerEntry::query()->findOrFail($tag->id);

        self::assertSame($tag->number, $entry->judgement()->integer('number'));
        // Another number in the projection is put right by the entry, and not counted anew.
        $tag->update(['number' => 4711]);
        $this->app->make(RebuildProjections::class)();
        self::assertSame($entry->judgement()->integer('number'), Tag::hangingOn($walk->machine_id)?->number);
    }

    public function test_a_tag_does_not_come_off_by_way_of_another_walk_whose_lines_all_stand(): void
    {
        $walk = $this->taggedForTheBrake();
        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', $this->repair());
        $other = $this->hireOf($this->machine);
        $elsewhere = $walk
            ->replicate(['id', 'standing_movement'])
            ->forceFill([
                'id' => (string) \Illuminate\Support\Str::uuid7(),
                'hire_id' => $other->id,
                'movement' => 'return',
            ]);
        $elsewhere->save();
        DB::table('walk_plans')->insert(
            ['walk_id' => $elsewhere->id] + (array) DB::table('walk_plans')->where('walk_id', $walk->id)->first(),
        );
        $this->as(Role::Lead);

        self::assertSame('tag_of_another_walk', $this->refusal($elsewhere, 'tag.lifted', []));
        self::assertNotNull($this->getJson("/api/walks/{$walk->id}/release")->json('tag'));
    }

    public function test_without_a_tag_there_is_nothing_to_mend_under_and_nothing_to_take_off(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();

        self::assertSame('no_tag_hangs', $this->refusal($walk, 'repair.recorded', $this->repair()));
        self::assertSame('no_tag_hangs', $this->refusal($walk, 'tag.lifted', []));
    }

    public function test_the_loop_rebuilt_from_the_entries_is_the_same(): void
    {
        $walk = $this->taggedForTheBrake();
        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', $this->repair());
        $tables = static fn (): array => array_map(
            static fn (string $table): string => (string) json_encode(
                DB::table($table)
                    ->where('walk_id', $walk->id)
                    ->get()
                    ->sortBy(static fn ($row): string => (string) json_encode($row))
                    ->values(),
            ),
            ['tags', 'repairs', 'walk_lines', 'walk_people'],
        );
        $before = $tables();

        $this->app->make(RebuildProjections::class)();

        self::assertSame($before, $tables());
    }

    private function taggedForTheBrake(): Walk
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkUpTo($walk, 'saf-work-lock');
        $this->post_(
            $walk,
            'test.answered',
            ['line' => 'saf-work-lock'] + self::failed('The pedal sinks to the floor.'),
        );
        $this->post_($walk, 'tag.hung', ['reason' => 'The pedal sinks to the floor.', 'reference' => 'saf-work-lock']);

        return $walk;
    }

    /** @param  list<string>  $lines @return array<string, mixed> */
    private function repair(array $lines = ['saf-work-lock']): array
    {
        return [
            'words' => 'Master cylinder renewed, bled.',
            'parts' => ['Master cylinder'],
            'lines' => $lines,
            'findings' => [],
        ];
    }

    /** A look of the first state that can stop the machine. */
    private function stopLine(Walk $walk): string
    {
        foreach ($walk->plan->body['visits'] as $visit) {
            foreach ($visit['stage'] === 'cold_isolated' ? $visit['lines'] : [] as $line) {
                if ($line['severity'] === 'stop' && $line['instrument'] === null) {
                    return $line['key'];
                }
            }
        }
        self::fail('Nothing can stop it.');
    }

    /** @param  array<string, mixed>  $payload */
    private function refusal(Walk $walk, string $kind, array $payload): string
    {
        $result = $this->send($walk, $this->entry($kind, $payload))->json('results.0');

        return str_replace('-', '_', basename((string) ($result['problem']['type'] ?? $result['status'])));
    }
}
