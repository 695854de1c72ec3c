<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PostEntries;
use App\Contract\Contract;
use App\Ledger\Actor;
use App\Ledger\Kinds\HandoverSigned;
use App\Ledger\Payloads\HandoverSignedPayload;
use App\Ledger\RebuildProjections;
use App\Ledger\SystemPart;
use App\Models\LedgerEntry;
use App\Models\MachinePlace;
use App\Models\Role;
use App\Models\User;
use App\Models\Yard;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** Entries of a machine, of a hire and of the yard go the same way as those of a walk, into a chain that holds. */
final class EntriesOutsideWalksTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('checkpoints');
    }

    public function test_a_machine_is_moved_to_another_bay_without_a_walk(): void
    {
        $this->as(Role::Technician);
        $moved = $this->entry('machine.moved', ['bay' => 'bay 9']);

        $this->sendTo("machines/{$this->machine->id}", $moved)
            ->assertOk()
            ->assertJsonPath('results.0.status', 'posted');

        $this->assertFits($shown = $this->getJson("/api/machines/{$this->machine->id}")->assertOk(), 'MachineDetail');
        self::assertSame('bay 9', $shown->json('machine.bay'));
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries.0');
        self::assertSame(
            ['machine.moved', null, 'bay 1 → bay 9'],
            [$trail['kind'], $trail['walk_id'], $trail['words']],
        );
        $before = MachinePlace::query()->get()->toArray();
        self::assertCount(1, $before);
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, MachinePlace::query()->get()->toArray(), 'a rebuild gives the same');
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_the_same_move_comes_twice_and_is_taken_once(): void
    {
        $this->as(Role::Technician);
        $moved = $this->entry('machine.moved', ['bay' => 'quay']);

        $this->sendTo("machines/{$this->machine->id}", $moved)->assertJsonPath('results.0.status', 'posted');
        $this->sendTo("machines/{$this->machine->id}", $moved)->assertJsonPath('results.0.status', 'already_posted');

        self::assertSame(1, $this->entriesOf($this->machine));
        $this->sendTo("machines/{$this->machine->id}", $this->entry('machine.moved', ['bay' => 'quay']))
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/stands-there-already');
    }

    public function test_a_machine_that_is_out_is_not_in_a_bay(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->handOver($walk);

        $this->sendTo("machines/{$this->machine->id}", $this->entry('machine.moved', ['bay' => 'quay']))
            ->assertJsonPath('results.0.problem.type', '/problems/not-in-the-yard');
    }

    public function test_a_move_can_go_with_the_entries_of_a_walk(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        $this->send($walk, $this->entry('machine.moved', ['bay' => 'wash-down']))
            ->assertJsonPath('results.0.status', 'posted');

        self::assertSame('wash-down', $this->machine->refresh()->load('place')->presentBay());
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_what_belongs_to_a_walk_or_a_hire_is_not_posted_to_a_machine(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $line = $walk->plan->body['visits'][0]['lines'][0]['key'];
        foreach (
            [
                $this->entry('check.answered', ['line' => $line, 'answer' => 'stands']),
                $this->entry('tag.hung', ['reason' => 'It leaks.']),
                $this->entry('hire.closed', []),
            ] as $entry
        ) {
            $this->sendTo("machines/{$this->machine->id}", $entry)
                ->assertStatus(422)
                ->assertJsonPath('results.0.problem.type', '/problems/not-posted-here');
        }
    }

    public function test_a_hire_is_settled_without_its_walk(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->walkThrough($out, '100.0');
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Lead);
        $in = $this->openWalk('return', $out->hire);
        $this->walkThrough($in, '104.0');
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);

        $this->sendTo("hires/{$out->hire_id}", $this->entry('hire.closed', []))->assertOk();

        self::assertSame('closed', $out->hire->refresh()->standing()->value);
        self::assertNull(LedgerEntry::query()->where('kind', 'hire.closed')->firstOrFail()->walk_id);
        $this->sendTo("hires/{$out->hire_id}", $this->entry('hire.closed', []))
            ->assertJsonPath('results.0.problem.type', '/problems/walk-is-over');
    }

    public function test_who_only_reads_posts_nowhere_and_another_yard_has_no_such_machine(): void
    {
        $this->as(Role::Auditor);
        $this->sendTo(
            "machines/{$this->machine->id}",
            $this->entry('machine.moved', ['bay' => 'quay']),
        )->assertForbidden();

        $yard = Yard::query()->create(['name' => 'Kelda Hire', 'place' => 'Inland', 'timezone' => 'Europe/London']);
        $this->signedIn(
            User::query()->create([
                'yard_id' => $yard->id,
                'name' => 'Odd Kjell',
                'login' => 'odd',
                'initials' => 'OK',
                'role' => Role::Technician,
                'password' => 'kelda-yard-one',
            ]),
        );
        $this->sendTo(
            "machines/{$this->machine->id}",
            $this->entry('machine.moved', ['bay' => 'quay']),
        )->assertNotFound();
        self::assertSame(0, $this->entriesOf($this->machine));
    }

    public function test_the_yard_has_a_chain_of_its_own_in_which_the_schedule_writes(): void
    {
        $this->as(Role::Technician);
        $this->openWalk();

        $this->artisan('ledger:verify --record')->assertSuccessful();

        $entry = LedgerEntry::query()->where('kind', 'ledger.verified')->firstOrFail();
        self::assertSame(
            [null, $this->machine->yard_id, 1, null, 'system', 'schedule'],
            [
                $entry->machine_id, $entry->yard_id, $entry->sequence,
                $entry->actor_id, $entry->actor_kind, $entry->actor_name,
            ],
        );
        $this->artisan('ledger:verify')->expectsOutputToContain('2 chains hold')->assertSuccessful();
        $this->artisan('ledger:checkpoint')->assertSuccessful();
    }

    public function test_a_person_does_not_write_what_the_schedule_writes_nor_the_schedule_what_a_person_does(): void
    {
        $verified = json_decode((string) json_encode($this->entry('ledger.verified', ['entries' => 1, 'faults' => 0])));
        $moved = json_decode((string) json_encode($this->entry('machine.moved', ['bay' => 'quay'])));
        $yard = $this->machine->yard;
        $post = $this->app->make(PostEntries::class);

        foreach (
            [
                $post($yard, [$verified], Actor::person($this->person(Role::Lead))),
                $post($yard, [$verified], Actor::system(SystemPart::Telematics)),
                $post($yard, [$verified], Actor::linkHolder('0192-link')),
                $post($this->machine, [$moved], Actor::system(SystemPart::Schedule)),
                $post($this->machine, [$moved], Actor::linkHolder('0192-link')),
            ] as [$result]
        ) {
            self::assertSame('/problems/not-yours-to-do', $result->problem?->type);
        }
        self::assertSame(0, LedgerEntry::query()->count());
    }

    public function test_a_payload_of_an_older_form_stays_as_it_was_written_and_is_read_in_the_present_one(): void
    {
        self::assertSame(2, $this->contractSays('HandoverSignedVersion'), 'what tablets are told');
        self::assertSame(2, HandoverSigned::version());
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $old = ['name' => 'Tobias Wray', 'signature' => [[10, 20, 30, 40]]];

        // A tablet of the release before says nothing of the gates: the form is known, and the gates are shut.
        $this->send($walk, $this->entry('handover.signed', $old))
            ->assertJsonPath('results.0.problem.type', '/problems/steps-not-shown');
        $present = ['version' => 2] + $this->entry('handover.signed', $old);
        $this->send($walk, $present)->assertJsonPath('results.0.problem.type', '/problems/look-at-the-fields');
        $newer = ['version' => 3] + $this->entry('handover.signed', $old + ['gates' => []]);
        $this->send($walk, $newer)
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/newer-than-the-yard');

        $written = new LedgerEntry([
            'kind' => 'handover.signed',
            'body' => json_encode(['payload' => $old, 'judgement' => []], JSON_THROW_ON_ERROR),
        ]);
        self::assertSame([], HandoverSignedPayload::read($written->payload())->gates);
        self::assertSame('Tobias Wray', HandoverSignedPayload::read($written->payload())->name);
    }

    /** @param  array<string, mixed>  ...$entries */
    private function sendTo(string $what, array ...$entries): TestResponse
    {
        return $this->postJson("/api/{$what}/entries", ['entries' => $entries]);
    }

    private function contractSays(string $schema): mixed
    {
        return $this->app->make(Contract::class)->document()->components->schemas->{$schema}->const;
    }
}
