<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\Demo\DemoAnswers;
use Database\Seeders\Demo\DemoReadings;
use Illuminate\Support\Str;

/** Walks machines of the served demo yard through the API: what a story in the browser is not about. */
final class WalkerOverHttp
{
    private const ENTRIES_A_BATCH = 150;

    private readonly Tablet $tablet;

    private ?string $standsBy = null;

    /** Initials of people whose password is that of the demo. */
    private const OF_THE_DEMO = ['IO', 'MA', 'RT', 'DM'];

    public function __construct(string $login)
    {
        $this->tablet = new Tablet((string) getenv('BROWSER_URL'));
        $this->tablet->signIn($login, 'tern-quay');
    }

    /** @return array<string, mixed> */
    public function walk(string $id): array
    {
        return $this->get("/api/walks/{$id}");
    }

    /** The hire that a machine waits for. */
    public function hireOf(string $fleetNumber): string
    {
        $found = $this->get("/api/machines?search={$fleetNumber}")['machines'][0]['id'];
        $booked = array_filter(
            $this->get("/api/machines/{$found}")['folios'],
            static fn (array $folio): bool => $folio['standing'] === 'booked',
        );

        return (string) array_values($booked)[0]['hire_id'];
    }

    /** Opens the walk of a hire and says its id. */
    public function open(string $hire, string $movement): string
    {
        $id = (string) Str::uuid7();
        $answer = $this->tablet->post(
            "/api/hires/{$hire}/walks",
            ['id' => $id, 'movement' => $movement, 'recorded_at' => self::now()],
        );
        if ($answer->getStatusCode() !== 201) {
            throw new \RuntimeException("The walk could not be opened: {$answer->getBody()}");
        }

        return $id;
    }

    /**
     * Answers every open line as it should be, state by state, but for those that are left to the browser.
     *
     * @param list<string> $leave keys of lines
     * @param array<string, string> $values figures by line key
     * @param string|null $until the line before which it stops; none walks to the end
     */
    public function answer(string $id, array $leave = [], array $values = [], ?string $until = null): void
    {
        $walk = $this->walk($id);
        $open = array_column(
            array_filter($walk['state']['lines'], static fn (array $line): bool => $line['outcome'] === 'open'),
            'key',
        );
        $conditions = array_column($walk['plan']['conditions'], null, 'id');
        $machine = $this->get("/api/machines/{$walk['machine']['id']}");
        $answers = new DemoAnswers(
            new DemoReadings($walk['machine']['smr_hours'] ?? '1000.0', $values),
            $machine['serial'],
        );
        $batch = [];
        $stage = $walk['state']['stage'];
        foreach ($walk['plan']['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                if ($line['key'] === $until) {
                    break 2;
                }
                if (! in_array($line['key'], $open, true) || in_array($line['key'], $leave, true)) {
                    continue;
                }
                if ($visit['stage'] !== $stage) {
                    $stage = $visit['stage'];
                    $batch[] = $this->crossing($walk['plan'], $stage);
                }
                $batch[] = $this->entry(...$answers->of($line, $conditions));
            }
        }
        $this->post($id, $batch);
    }

    public function release(string $id): void
    {
        $this->post($id, [$this->entry('release.decided', ['decision' => 'released', 'conditions' => []])]);
    }

    /** Shows every step of the briefing, and signs for the person who was briefed. */
    public function signFor(string $id): void
    {
        $briefing = $this->get("/api/walks/{$id}/briefing");
        $steps = array_column($briefing['steps'], 'id');
        $this->post($id, [
            ...array_map(fn (string $step): array => $this->entry('handover.step_shown', ['step' => $step]), $steps),
            ...array_map(
                fn (string $question): array => $this->entry(
                    'handover.answered',
                    ['question' => $question, 'form' => 0, 'answer' => 0],
                ),
                array_column($briefing['questions'], 'id'),
            ),
            $this->entry('handover.signed', [
                'name' => 'Tobias Wray',
                'signature' => [[10, 20, 30, 40]],
                'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
            ]),
        ]);
    }

    /**
     * @param array<string, mixed> $plan
     * @return array<string, mixed>
     */
    private function crossing(array $plan, string $stage): array
    {
        $crossing = array_column($plan['stages'], null, 'id')[$stage];

        $entry = $this->entry(
            'state.crossed',
            ['stage' => $stage, 'confirmed' => array_column($crossing['lines'], 'id')],
        );
        if ($crossing['asks_second_person']) {
            $entry['payload']['second'] = $this->standsBy ??= $this->somebodyElse();
            $entry['payload']['second_sealed'] = Sealed::to(
                $this->get('/api/session')['sealing_key'],
                'tern-quay',
                $entry['id'],
            );
        }

        return $entry;
    }

    private function somebodyElse(): string
    {
        $me = $this->get('/api/session')['user']['id'];
        $others = array_filter(
            $this->get('/api/people')['people'],
            static fn (array $person): bool => $person['id'] !== $me
                && $person['may_stand_by']
                && in_array($person['initials'], self::OF_THE_DEMO, true),
        );

        return (string) array_values($others)[0]['id'];
    }

    /** @param  list<array<string, mixed>>  $batch */
    private function post(string $id, array $batch): void
    {
        foreach (array_chunk($batch, self::ENTRIES_A_BATCH) as $part) {
            $answer = json_decode(
                (string) $this->tablet->post("/api/walks/{$id}/entries", ['entries' => $part])->getBody(),
                true,
            );
            foreach ($answer['results'] ?? [['status' => 'refused'] + $answer] as $result) {
                if ($result['status'] === 'refused') {
                    throw new \RuntimeException('The yard refused an entry: '.json_encode($result));
                }
            }
        }
    }

    /**
     * @param array<string, mixed> $payload
     * @return array<string, mixed>
     */
    private function entry(string $kind, array $payload): array
    {
        return ['id' => (string) Str::uuid7(), 'kind' => $kind, 'recorded_at' => self::now(), 'payload' => $payload];
    }

    /** @return array<string, mixed> */
    private function get(string $path): array
    {
        return json_decode((string) $this->tablet->get($path)->getBody(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  $payload */
    public function postOne(string $id, string $kind, array $payload): void
    {
        $this->post($id, [$this->entry($kind, $payload)]);
    }

    private static function now(): string
    {
        return gmdate('Y-m-d\TH:i:s\Z');
    }
}
