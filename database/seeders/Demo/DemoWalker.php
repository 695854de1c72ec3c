<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\OpenWalk;
use App\Actions\PostEntries;
use App\Actions\StorePhoto;
use App\Contract\JsonObject;
use App\Ledger\Actor;
use App\Models\Hire;
use App\Models\HirerLink;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentBriefing;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use JadeLedger\Core\Check\Movement;

/**
 * Walks machines for the demo through the one write path, with the clock set to the time of each act.
 *
 * @phpstan-import-type Asked from DemoReadings
 * @phpstan-import-type LineTold from DemoReadings
 *
 * @phpstan-type StageTold array{id: string, lines: list<array{id: string}>, asks_second_person: bool}
 * @phpstan-type PlanTold array{conditions: list<Asked>, stages: list<StageTold>,
 *     visits: list<array{stage: string, lines: list<LineTold>}>}
 */
final class DemoWalker
{
    private const BRIEFING_MINUTES = 14;

    private CarbonImmutable $clock;

    /** When the demo is told. Soon after midnight its walks are shorter than walks are, but none lies ahead. */
    private readonly CarbonImmutable $told;

    public function __construct(
        private readonly OpenWalk $open,
        private readonly PostEntries $post,
        private readonly StorePhoto $keep,
    ) {
        $this->told = CarbonImmutable::now()->startOfSecond();
    }

    /** @param  string|null  $until the line before which the walk is left; none walks to the end */
    public function walk(
        Hire $hire,
        Movement $movement,
        CarbonImmutable $from,
        User $by,
        DemoReadings $readings,
        ?string $until = null,
    ): Walk {
        $this->at($from);
        $walk = ($this->open)($hire, $movement, (string) Str::uuid7($from), $this->clock, $by);
        /** @var PlanTold $plan */
        $plan = $walk->plan->body;
        $conditions = array_column($plan['conditions'], null, 'id');
        $answers = new DemoAnswers($readings, $hire->machine->serial);
        $batch = [];
        $stage = null;
        foreach ($plan['visits'] as $visit) {
            if ($visit['stage'] !== $stage) {
                $stage = $visit['stage'];
                $this->send($walk, $batch, $by);
                $batch = [$this->crossing($walk, $plan, $stage, $by)];
            }
            foreach ($visit['lines'] as $line) {
                if ($line['key'] === $until) {
                    $this->send($walk, $batch, $by);

                    return $walk->refresh();
                }
                $this->pass($line['seconds']);
                $batch[] = $this->entry(...$answers->of($line, $conditions));
            }
        }
        $this->send($walk, $batch, $by);

        return $walk->refresh();
    }

    /** @param  array<string, mixed>  $payload */
    public function act(Walk $walk, User $by, string $kind, array $payload, ?CarbonImmutable $at = null): string
    {
        $this->at($at ?? $this->clock->addSeconds(40));
        $entry = $this->entry($kind, $payload);
        $this->send($walk, [$entry], $by);

        return JsonObject::of($entry)->string('id');
    }

    /** @param  list<array{string, array<string, mixed>}>  $told kind and payload of each entry */
    public function tell(Hire|Machine $of, User|HirerLink $by, array $told): void
    {
        $batch = [];
        foreach ($told as [$kind, $payload]) {
            $this->pass(1);
            $batch[] = $this->entry($kind, $payload);
        }
        $this->send($of, $batch, $by);
    }

    public function handOver(Walk $walk, User $by, string $name, CarbonImmutable $at): void
    {
        // Soon after midnight the day behind is short: nobody is briefed before the machine was walked.
        $begins = $at->subMinutes(self::BRIEFING_MINUTES)->max($this->clock);
        $ends = $at->max($begins);
        $this->at($begins);
        /**
         * @var array{lengths: non-empty-list<array{length: string, steps: list<string>}>,
         *     questions: list<array{id: string}>} $briefing
         */
        $briefing = app(PresentBriefing::class)->of($walk->refresh(), $by);
        ['lengths' => $lengths, 'questions' => $questions] = $briefing;
        // Hirers of this yard come back: they hear as much as they have to.
        ['length' => $length, 'steps' => $steps] = $lengths[count($lengths) - 1];
        $batch = [];
        foreach ($steps as $step) {
            $this->pass(intdiv((int) $begins->diffInSeconds($ends, true), count($steps) + 1));
            $batch[] = $this->entry('handover.step_shown', ['step' => $step]);
        }
        foreach ($questions as $question) {
            $batch[] = $this->entry('handover.answered', ['question' => $question['id'], 'form' => 0, 'answer' => 0]);
        }
        $this->at($ends);
        $batch[] = $this->entry('handover.signed', [
            'name' => $name,
            'length' => $length,
            'signature' => DemoSignature::of($name),
            'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
        ]);
        $this->send($walk, $batch, $by);
    }

    public function photo(User $by, int $seed): Photo
    {
        return ($this->keep)(new UploadedFile(DemoPicture::file($seed), 'damage.jpg', 'image/jpeg', null, true), $by);
    }

    public function at(CarbonImmutable $moment): void
    {
        $this->clock = $moment->min($this->told);
        Carbon::setTestNow($this->clock);
        CarbonImmutable::setTestNow($this->clock);
    }

    private function pass(int $seconds): void
    {
        $this->at($this->clock->addSeconds($seconds));
    }

    /** @param  PlanTold  $plan */
    private function crossing(Walk $walk, array $plan, string $stage, User $by): \stdClass
    {
        $crossing = array_column($plan['stages'], null, 'id')[$stage];
        $this->pass(45);
        $payload = ['stage' => $stage, 'confirmed' => array_column($crossing['lines'], 'id')];
        if ($crossing['asks_second_person']) {
            $second = User::query()->whereKeyNot($by->id)
                ->where('role', Role::Technician)
                ->orderBy('name')
                ->firstOrFail();
            $this->send($walk, [$this->entry('second.stood_by', [])], $second);
            $payload['second'] = $second->id;
        }

        return $this->entry('state.crossed', $payload);
    }

    /** @param  array<string, mixed>  $payload */
    private function entry(string $kind, array $payload): \stdClass
    {
        $decoded = json_decode((string) json_encode([
            'id' => (string) Str::uuid7($this->clock),
            'kind' => $kind,
            'recorded_at' => $this->clock->utc()->format('Y-m-d\TH:i:s.u\Z'),
            'payload' => $payload === [] ? new \stdClass : $payload,
        ]));
        assert($decoded instanceof \stdClass);

        return $decoded;
    }

    /** @param  list<\stdClass>  $batch */
    private function send(Hire|Machine|Walk $of, array $batch, User|HirerLink $by): void
    {
        $actor = $by instanceof User ? Actor::person($by) : Actor::linkHolder($by->id);
        foreach ($batch === [] ? [] : ($this->post)($of->withoutRelations(), $batch, $actor) as $result) {
            if ($result->problem !== null) {
                throw new \LogicException(
                    "The demo cannot be told: {$result->problem->title}. {$result->problem->detail} ".
                        json_encode($result->problem->field),
                );
            }
        }
    }
}
