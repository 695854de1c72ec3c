<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\LearnedPace;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Role;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Tests\Support\YardTestCase;

/** What belongs to one yard does not exist for another. */
final class YardsTest extends YardTestCase
{
    /** @var array<string, string> what each parameter of a route is called there, of the first yard */
    private array $theirs;

    private Walk $theirWalk;

    private User $them;

    private CurrentYard $hand;

    protected function setUp(): void
    {
        parent::setUp();
        $this->hand = $this->app->make(CurrentYard::class);
        $this->them = $this->as(Role::Lead);
        $photo = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('door.jpg', 40, 30)])
            ->assertCreated()
            ->json('sha256');
        $this->theirWalk = $this->openWalk();
        $finding = $this->post_($this->theirWalk, 'finding.placed', [
            'at' => ['x' => 120, 'y' => 300],
            'kind' => 'crack',
            'words' => 'Weld of the boom foot',
            'photos' => [$photo],
            'severity' => 'stop',
        ]);
        $this->post_($this->theirWalk, 'tag.hung', [
            'reason' => 'Crack in the weld',
            'reference' => $finding,
            'keys_at' => 'key safe',
        ]);
        $this->theirs = [
            'machine' => $this->machine->id,
            'hire' => $this->hire->id,
            'walk' => $this->theirWalk->id,
            'photo' => $photo,
            'tag' => Tag::query()->where('machine_id', $this->machine->id)->firstOrFail()->id,
            'person' => $this->them->id,
        ];
        $this->hand->stepInto(
            Yard::query()->create(['name' => 'Second yard', 'place' => 'inland', 'timezone' => 'Europe/Madrid']),
        );
    }

    public function test_nothing_of_another_yard_is_reached_by_its_id(): void
    {
        $this->as(Role::Lead);
        $asked = 0;
        foreach ($this->app['router']->getRoutes() as $route) {
            /** @var Route $route */
            if (
                preg_match_all('/\{(\w+)\}/', $route->uri(), $parameters) === 0 ||
                array_diff($parameters[1], array_keys($this->theirs), ['movement', 'qualification']) !== []
            ) {
                continue;
            }
            $path = str_replace(['{movement}', '{qualification}'], ['checkout', 'earthmoving'], $route->uri());
            foreach ($this->theirs as $name => $id) {
                $path = str_replace("{{$name}}", $id, $path);
            }
            $answer = $this->json($route->methods()[0], "/{$path}", [
                'id' => '01890a5d-ac96-774b-bcce-b302099a8057',
                'movement' => 'checkout',
                'recorded_at' => self::now(),
                'valid_until' => '2027-01-01',
                'proof' => 'card',
                'entries' => [$this->entry('walk.joined', [])],
            ]);
            self::assertSame(404, $answer->status(), "{$route->methods()[0]} {$path}: {$answer->getContent()}");
            $asked++;
        }
        self::assertGreaterThanOrEqual(15, $asked);
    }

    public function test_no_list_shows_what_another_yard_has(): void
    {
        $this->as(Role::Lead);
        foreach (
            [
                '/api/machines',
                '/api/day?date='.$this->hire->goes_out_at->format('Y-m-d'),
                '/api/people',
                '/api/house-rules',
                '/api/models',
                '/api/session',
            ] as $path
        ) {
            $text = (string) $this->getJson($path)->assertOk()->getContent();
            foreach ([...array_values($this->theirs), $this->machine->fleet_number, $this->machine->serial] as $mark) {
                self::assertStringNotContainsString($mark, $text, $path);
            }
        }
    }

    public function test_a_picture_of_another_yard_cannot_be_named_in_an_entry(): void
    {
        $this->as(Role::Technician);
        $machine = Machine::query()->create([
            'fleet_number' => $this->machine->fleet_number,
            'model_id' => 'dromvik_14c',
            'serial' => $this->machine->serial,
        ]);
        $walk = $this->openWalk('checkout', $this->hireOf($machine));

        $result = $this->send(
            $walk,
            $this->entry('finding.placed', [
                'at' => ['x' => 0, 'y' => 0],
                'kind' => 'dent',
                'words' => '',
                'photos' => [$this->theirs['photo']],
            ]),
        )->json('results.0');

        self::assertSame('/problems/photo-not-here', $result['problem']['type'] ?? null);
    }

    public function test_the_same_picture_is_kept_by_two_yards_and_each_sees_its_own(): void
    {
        $this->as(Role::Technician);
        $sha256 = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('door.jpg', 40, 30)])
            ->assertCreated()
            ->json('sha256');

        self::assertSame($this->theirs['photo'], $sha256);
        $this->get("/api/photos/{$sha256}")->assertOk();
        self::assertSame(2, Photo::query()->withoutGlobalScopes()->where('sha256', $sha256)->count());
    }

    public function test_a_rule_of_one_yard_is_not_that_of_the_other(): void
    {
        $this->as(Role::Lead);
        $rule = $this->getJson('/api/house-rules')->json('rules.0');
        $other = collect($rule['schools'])->firstWhere(
            fn (array $school): bool => $school['id'] !== $rule['value'] &&
                (string) $school['id'] !== (string) $rule['value'],
        );
        $this->putJson("/api/house-rules/{$rule['id']}", [
            'value' => (string) $other['id'],
            'reason' => 'Agreed at the toolbox talk',
        ])->assertOk();
        $mine = collect($this->getJson('/api/house-rules')->json('rules'))->firstWhere('id', $rule['id'])['value'];

        $this->app->make('auth')->forgetGuards();
        $this->flushSession();
        $this->actingAs(User::query()->withoutGlobalScopes()->findOrFail($this->them->id), 'web');
        $theirs = collect($this->getJson('/api/house-rules')->json('rules'))->firstWhere('id', $rule['id'])['value'];

        self::assertSame((string) $other['id'], (string) $mine);
        self::assertSame((string) $rule['value'], (string) $theirs);
    }

    public function test_tags_are_numbered_through_each_yard_and_keep_their_numbers_when_the_projections_are_rebuilt(): void
    {
        $this->as(Role::Technician);
        foreach (['E-9001', 'E-9002'] as $number) {
            $one = Machine::query()->create(
                ['fleet_number' => $number, 'model_id' => 'dromvik_14c', 'serial' => Str::random(12)],
            );
            $this->post_($this->openWalk('checkout', $this->hireOf($one)), 'tag.hung', ['reason' => 'Leaks']);
        }
        $numbers = static fn (): array => Tag::query()->orderBy('hung_at')->pluck('number', 'id')->all();
        $before = $numbers();
        self::assertSame([1, 1, 2], array_values($before), 'that of the first yard, and those of this one');

        $this->hand->leave();
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, $numbers());
    }

    public function test_each_yard_learns_how_fast_it_walks_for_itself(): void
    {
        $learn = static fn (int $seconds) => LearnedPace::query()->updateOrCreate(
            ['family' => 'tracked_excavator'],
            ['seconds' => ['hkp-area' => $seconds], 'walks' => 5, 'learned_at' => CarbonImmutable::now()],
        );
        $here = Yard::query()->findOrFail($this->hand->id());
        $learn(20);
        $this->hand->stepInto(
            Yard::query()->create(['name' => 'Third yard', 'place' => 'upland', 'timezone' => 'UTC']),
        );
        $learn(40);
        $learn(50);
        self::assertSame(['hkp-area' => 50], LearnedPace::current()['tracked_excavator']['seconds']);

        $this->hand->stepInto($here);
        self::assertSame(['hkp-area' => 20], LearnedPace::current()['tracked_excavator']['seconds']);
    }

    public function test_a_day_is_a_day_in_the_time_zone_of_the_yard(): void
    {
        // Half past eleven at night in London is half past midnight in Madrid.
        CarbonImmutable::setTestNow($now = CarbonImmutable::parse('2026-11-25T23:30:00Z'));
        try {
            $this->as(Role::Technician);
            self::assertSame('2026-11-26', $this->getJson('/api/day')->json('date'), $now->toIso8601String());
            self::assertSame('Europe/Madrid', $this->getJson('/api/session')->json('yard.timezone'));
        } finally {
            CarbonImmutable::setTestNow();
        }
    }
}
