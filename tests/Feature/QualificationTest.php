<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\QualificationRecord;
use App\Models\Role;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Who may put power on a machine, mend it and tag it in, and who stands by: decided on the server. */
final class QualificationTest extends YardTestCase
{
    #[TestWith([null, '/problems/not-qualified'], 'never recorded')]
    #[TestWith([-1, '/problems/qualification-ran-out'], 'run out yesterday')]
    #[TestWith([0, null], 'the last day')]
    public function test_power_is_put_on_by_whoever_is_qualified_today(?int $days, ?string $problem): void
    {
        $this->as(Role::Technician);
        $walk = $this->coldWalk();
        $me = $this->signedIn($this->unqualified(Role::Technician));
        if ($days !== null) {
            $this->qualify(
                $me,
                'earthmoving',
                CarbonImmutable::now($this->app->make(CurrentYard::class)->timezone())->addDays($days),
            );
        }

        $result = $this->send($walk, $this->entry('state.crossed', $this->crossing($walk, 'running')))->json(
            'results.0',
        );

        self::assertSame($problem, $result['problem']['type'] ?? null);
        self::assertSame($problem === null ? 'posted' : 'refused', $result['status']);
    }

    public function test_a_machine_that_stands_still_may_be_looked_at_by_anybody_who_walks(): void
    {
        $this->signedIn($this->unqualified(Role::Technician));
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');

        $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $this->addToAssertionCount(1);
    }

    /** The walk of a boom lift, up to the state in which nobody may be alone. */
    private function boomBeforeItsPlatform(): Walk
    {
        $machine = Machine::query()->create([
            'fleet_number' => 'A-'.random_int(100, 9999),
            'model_id' => 'ardlow_20b',
            'serial' => 'AB-'.random_int(100, 9999),
            'bay' => 'rack',
        ]);
        $walk = $this->openWalk(hire: $this->hireOf($machine));
        $this->walkUpTo($walk, 'mew-estop-platform');

        return $walk;
    }

    public function test_the_second_person_is_known_somebody_else_and_confirms_it(): void
    {
        $me = $this->as(Role::Technician);
        $walk = $this->boomBeforeItsPlatform();
        $crossing = $this->crossing($walk, 'platform');
        $with = fn (?string $second): ?string => $this->send(
            $walk,
            $this->entry('state.crossed', ['second' => $second] + $crossing),
        )->json('results.0.problem.type');

        self::assertSame(
            '/problems/second-person-missing',
            $this->send($walk, $this->entry('state.crossed', array_diff_key($crossing, ['second' => 1])))->json(
                'results.0.problem.type',
            ),
        );
        self::assertSame('/problems/second-person-is-the-first', $with($me->id));
        self::assertSame('/problems/second-person-unknown', $with('01890a5d-ac96-774b-bcce-b302099a8057'));
        self::assertSame(
            '/problems/second-person-unknown',
            $with($this->person(Role::Auditor)->id),
            'an auditor works nothing',
        );
        $counter = $this->person(Role::Counter);
        self::assertSame('/problems/second-not-confirmed', $with($counter->id), 'to name somebody is not enough');
        $sealed = fn (string $secret): array => $this->sealed(
            $this->entry('state.crossed', ['second' => $counter->id] + $crossing),
            $secret,
        );
        $wrong = $this->send($walk, $sealed('tern-kay'))->json('results.0.problem');
        self::assertSame(['/problems/second-secret-wrong', 422], [$wrong['type'], $wrong['status']]);
        self::assertStringContainsString('4 tries are left', $wrong['detail']);
        $entry = $sealed('tern-quay');
        $elsewhere = ['id' => (string) Str::uuid7()] + $entry;
        self::assertSame(
            '/problems/second-not-confirmed',
            $this->send($walk, $elsewhere)->json('results.0.problem.type'),
            'sealed for another entry it opens nothing',
        );
        self::assertSame('posted', $this->send($walk, $entry)->json('results.0.status'));
        self::assertStringNotContainsString(
            'sealed',
            (string) LedgerEntry::query()->where('id', $entry['id'])->value('body'),
            'it is not kept, not even sealed',
        );
        self::assertSame('already_posted', $this->send($walk, $entry)->json('results.0.status'));
        self::assertStringContainsString(
            'The counter stands by',
            (string) json_encode($this->getJson("/api/machines/{$walk->machine_id}/entries")->json()),
        );
    }

    public function test_whoever_confirmed_at_a_crossing_is_not_asked_again_while_nobody_goes(): void
    {
        $me = $this->as(Role::Technician);
        $walk = $this->boomBeforeItsPlatform();
        $crossing = $this->crossing($walk, 'platform');
        $counter = $this->person(Role::Counter);
        $first = $this->sealed($this->entry('state.crossed', ['second' => $counter->id] + $crossing), 'tern-quay');
        self::assertSame('posted', $this->send($walk, $first)->json('results.0.status'));
        $again = fn (string $second, string $from): array => $this->entry(
            'state.crossed',
            ['second' => $second, 'second_from' => $from] + $crossing,
        );
        $standing = fn (): mixed => $this->getJson("/api/walks/{$walk->id}")->json('state.standing_by');
        $answer = fn (array $entry): mixed => $this->send($walk, $entry)->json('results.0.problem.type');

        self::assertSame(
            [$counter->id, $me->id, $first['id']],
            [$standing()['person']['id'], $standing()['beside'], $standing()['crossing']],
        );
        $second = $again($counter->id, $first['id']);
        self::assertSame('posted', $this->send($walk, $second)->json('results.0.status'), 'nobody has gone');
        $refused = '/problems/second-not-confirmed';
        self::assertSame($refused, $answer($again($counter->id, $second['id'])), 'there they confirmed nothing');
        self::assertSame($refused, $answer($again($this->person(Role::Technician)->id, $first['id'])), 'somebody else');
        $this->as(Role::Technician);
        self::assertSame($refused, $answer($again($counter->id, $first['id'])), 'beside somebody else');
        $this->actingAs($me);

        $this->travel(16)->minutes();
        // A tablet that lay for so long asks who is at it.
        $this->getJson("/api/walks/{$walk->id}")->assertUnauthorized();
        $this->actingAs($me);
        self::assertSame($refused, $answer($again($counter->id, $first['id'])), 'too long ago');
        $this->travelBack();
        self::assertSame('posted', $this->send($walk, $again($counter->id, $first['id']))->json('results.0.status'));
        $this->post_($walk, 'state.crossed', $this->crossing($walk, 'cold_isolated'));
        self::assertNull($standing(), 'nobody has to stand by any more');
        self::assertSame($refused, $answer($again($counter->id, $first['id'])), 'they were free to go');
    }

    public function test_a_repair_and_a_tag_in_ask_for_their_qualifications(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkUpTo($walk, 'saf-work-lock');
        $this->post_($walk, 'test.answered', ['line' => 'saf-work-lock'] + self::failed());
        $this->post_($walk, 'tag.hung', ['reason' => 'The pedal sinks.', 'reference' => 'saf-work-lock']);
        $repair = $this->entry(
            'repair.recorded',
            ['words' => 'Master cylinder renewed.', 'parts' => [], 'lines' => ['saf-work-lock'], 'findings' => []],
        );

        $mechanic = $this->signedIn($this->unqualified(Role::Mechanic));
        self::assertSame('/problems/not-qualified', $this->send($walk, $repair)->json('results.0.problem.type'));
        $this->qualify($mechanic, 'repairs', CarbonImmutable::now()->addYear());
        $this->send($walk, ['id' => (string) Str::uuid7()] + $repair)
            ->assertOk()
            ->assertJsonPath('results.0.status', 'posted');

        $this->signedIn($this->unqualified(Role::Technician));
        self::assertSame(
            '/problems/not-qualified',
            $this->send($walk, $this->entry('tag.lifted', []))->json('results.0.problem.type'),
        );
        $this->signedIn($this->unqualified(Role::Lead));
        self::assertSame(
            '/problems/tag-stays-lines-are-due',
            $this->send($walk, $this->entry('tag.lifted', []))->json('results.0.problem.type'),
            'the lead answers for the yard; the due lines stay due',
        );
    }

    public function test_the_lead_records_a_qualification_and_what_was_recorded_before_stays(): void
    {
        $lead = $this->as(Role::Lead);
        $person = $this->person(Role::Technician);
        $answer = $this->putJson("/api/people/{$person->id}/qualifications/platforms", [
            'valid_until' => '2031-02-28',
            'proof' => 'card 4711, seen',
        ])->assertOk();

        $this->assertFits($answer, 'PeopleList');
        $held = collect(collect($answer->json('people'))->firstWhere('id', $person->id)['qualified'])->firstWhere(
            'id',
            'platforms',
        );
        self::assertSame(['2031-02-28', $lead->name], [$held['valid_until'], $held['recorded_by']['name']]);
        self::assertSame(
            2,
            QualificationRecord::query()->where('user_id', $person->id)->where('qualification', 'platforms')->count(),
        );
    }

    public function test_nobody_else_records_one_and_nobody_their_own(): void
    {
        $body = ['valid_until' => '2031-02-28', 'proof' => 'card 4711, seen'];
        $lead = $this->as(Role::Lead);
        $this->assertFits(
            $this->putJson("/api/people/{$lead->id}/qualifications/platforms", $body)->assertForbidden(),
            'Problem',
        );
        $this->assertFits(
            $this->putJson("/api/people/{$lead->id}/qualifications/flying", $body)->assertNotFound(),
            'Problem',
        );
        $other = $this->person(Role::Technician);
        $this->assertFits(
            $this->putJson("/api/people/{$other->id}/qualifications/platforms", [
                'valid_until' => '2031-02-30',
                'proof' => 'card',
            ])->assertStatus(422),
            'Problem',
        );
        foreach ([Role::Technician, Role::Mechanic, Role::Counter, Role::Auditor] as $role) {
            $this->as($role);
            $this->putJson("/api/people/{$other->id}/qualifications/platforms", $body)->assertForbidden();
        }
        $this->assertFits($this->getJson('/api/people')->assertOk(), 'PeopleList');
    }

    /** A walk on which everything before the start stands. */
    private function coldWalk(): Walk
    {
        $walk = $this->openWalk();
        $first = collect($walk->plan->body['visits'])->firstWhere('stage', 'running')['lines'][0]['key'];
        $this->walkUpTo($walk, $first);
        $this->cross($walk, 'key_on');

        return $walk;
    }
}
