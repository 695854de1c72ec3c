<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * What must hold of one machine, told from what was posted and answered and nothing else: a small account beside the
 * yard's own, which shares no code with it.
 */
final class LeavingModel
{
    /** @var array<string, string> outcome by line */
    private array $lines = [];

    /** @var array<string, string> severity by line */
    private array $severity = [];

    /** @var array<string, string> severity by finding */
    private array $findings = [];

    /** @var array<string, list<string>> the lines or findings that an entry spoke of, by entry */
    private array $spokeOf = [];

    private bool $isTagged = false;

    /** @var list<string> what the lead wrote a condition for */
    private array $conditions = [];

    /** @param  array<string, mixed>  $plan */
    public function __construct(array $plan)
    {
        foreach ($plan['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                $this->lines[$line['key']] = 'open';
                $this->severity[$line['key']] = $line['severity'];
            }
        }
    }

    /**
     * @param array<string, mixed> $entry as it was posted
     * @param array<string, mixed> $result what the yard answered
     */
    public function took(array $entry, array $result): void
    {
        if ($result['status'] !== 'posted') {
            return;
        }
        $payload = (array) $entry['payload'];
        match ($entry['kind']) {
            'check.answered', 'test.answered', 'reading.posted', 'paper.compared',
            'dashboard.read' => $this->answered($entry, $payload['line'], $result['judgement']),
            'finding.placed' => $this->findings[$entry['id']] = $payload['severity'],
            'finding.graded' => $this->findings[$payload['finding']] = $payload['severity'],
            'entry.struck' => $this->struck($entry['corrects']),
            'tag.hung' => $this->isTagged = true,
            'tag.lifted' => $this->isTagged = false,
            'release.decided' => $this->conditions = array_column($payload['conditions'], 'reference'),
            default => null,
        };
    }

    /** A repair opens lines again that only the yard's plan knows: they are told. @param  list<string>  $open */
    public function reopened(array $open): void
    {
        foreach ($open as $line) {
            $this->lines[$line] = 'open';
        }
    }

    /** Why it must not be out; nothing when it may. */
    public function forbids(): ?string
    {
        if ($this->isTagged) {
            return 'a tag hangs on it';
        }
        foreach ($this->findings as $id => $severity) {
            if ($severity === 'stop' || ($severity === 'hold' && ! in_array($id, $this->conditions, true))) {
                return "finding {$id} is a {$severity}";
            }
        }
        foreach ($this->lines as $line => $outcome) {
            $isCovered = $this->severity[$line] === 'hold'
                && $outcome === 'attend'
                && in_array($line, $this->conditions, true);
            if ($outcome !== 'stands' && $this->severity[$line] !== 'note' && ! $isCovered) {
                return "line {$line} is {$outcome}";
            }
            if ($outcome === 'stop') {
                return "line {$line} says stop";
            }
        }

        return null;
    }

    /**
     * @param array<string, mixed> $entry
     * @param array<string, mixed>|null $judgement
     */
    private function answered(array $entry, string $line, ?array $judgement): void
    {
        if ((((array) $entry['payload'])['answer'] ?? null) === 'not_fitted' && $this->severity[$line] === 'stop') {
            throw new \LogicException("{$line} can stop the machine and was said not to be there");
        }
        if (($judgement['is_valid'] ?? false) === true) {
            $this->lines[$line] = $judgement['verdict']['outcome'];
            // A later answer takes the place of the one before: only the last one opens the line when it is struck.
            $this->spokeOf = array_map(static fn (array $lines): array => array_diff($lines, [$line]), $this->spokeOf);
            $this->spokeOf[$entry['id']] = [$line];
        }
    }

    private function struck(string $entry): void
    {
        unset($this->findings[$entry]);
        $this->reopened($this->spokeOf[$entry] ?? []);
    }
}
