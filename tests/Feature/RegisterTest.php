<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Machine;
use App\Models\MachinePaper;
use App\Models\PaperKind;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Papers that the office recorded cost no touch on the walk, unless they are missing or end before the hire does. */
final class RegisterTest extends YardTestCase
{
    private const LINE = 'doc-thorough-exam';

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('checkpoints');
        $this->machine = Machine::query()->create([
            'fleet_number' => 'R-'.random_int(100, 9999),
            'model_id' => 'ardlow_20b',
            'serial' => Str::random(12),
            'bay' => 'bay 1',
        ]);
        $this->hire = $this->hireOf($this->machine);
    }

    public function test_a_certificate_of_the_register_answers_its_line_and_says_until_when(): void
    {
        $this->recorded('+40 days', '-60 days');
        $walk = $this->opened();
        $line = $this->line($walk);

        self::assertSame(['stands', null], [$line['outcome'], $line['answered_by']]);
        $day = CarbonImmutable::now('Europe/London')->addDays(40);
        self::assertMatchesRegularExpression(
            "/, until {$day->format('j M')}[a-z]* {$day->format('Y')}\\./",
            $line['judgement']['verdict']['reason'],
        );
        $trail = array_column(
            $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries'),
            null,
            'kind',
        );
        self::assertNull($trail['paper.compared']['actor']['id'], 'no person has answered it');
        self::assertTrue(
            $this->getJson("/api/walks/{$walk->id}")->json('state.may_be_given_back'),
            'nobody has said anything yet',
        );
        $this->artisan('ledger:verify')->assertSuccessful();
        $before = DB::table('walk_lines')->where('walk_id', $walk->id)->orderBy('position')->get()->all();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals(
            $before,
            DB::table('walk_lines')->where('walk_id', $walk->id)->orderBy('position')->get()->all(),
        );
    }

    /**
     * Until two days from now the machine is on hire; LOLER reg. 9(3)(a): six months from the examination, whatever
     * the register says.
     */
    #[TestWith(['+1 day', '-30 days'], 'ends on hire')]
    #[TestWith(['-1 day', '-200 days'], 'has ended')]
    #[TestWith(['+300 days', '-190 days'], 'says longer than the law lets it')]
    public function test_what_ends_before_the_hire_does_is_looked_at(string $until, string $issued): void
    {
        $this->recorded($until, $issued);

        self::assertSame('open', $this->line($this->opened())['outcome']);
    }

    public function test_without_a_record_somebody_looks_and_whoever_looks_is_asked_again_as_before(): void
    {
        $walk = $this->opened();
        self::assertSame('open', $this->line($walk)['outcome']);
    }

    public function test_the_last_record_of_a_kind_counts(): void
    {
        $this->recorded('+40 days', '-60 days');
        $this->recorded('-2 days', '-190 days');

        self::assertSame('open', $this->line($this->opened())['outcome']);
    }

    private function recorded(string $until, string $issued): void
    {
        $now = CarbonImmutable::now('Europe/London');
        MachinePaper::query()->create([
            'machine_id' => $this->machine->id,
            'kind' => PaperKind::Examination,
            'number' => 'EX 20417',
            'issued_on' => $now->modify($issued)->format('Y-m-d'),
            'valid_until' => $now->modify($until)->format('Y-m-d'),
            'recorded_by_id' => $this->person(Role::Lead)->id,
            'recorded_at' => CarbonImmutable::now(),
        ]);
    }

    private function opened(): Walk
    {
        $this->as(Role::Technician);

        return $this->openWalk();
    }

    /** @return array<string, mixed> */
    private function line(Walk $walk): array
    {
        $response = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        $this->assertFits($response, 'Walk');

        return array_column($response->json('state.lines'), null, 'key')[self::LINE];
    }
}
