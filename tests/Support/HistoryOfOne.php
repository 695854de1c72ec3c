<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * What must hold of one machine, told from all that was taken and from the catalogue's text. It keeps no account of its
 * own: every question goes through the whole history again, so it shares neither code nor way of working with the core.
 *
 * @phpstan-type Entry array{id: string, kind: string, by: string, ...}
 */
final class HistoryOfOne
{
    /** @var list<Entry> */
    public array $entries = [];

    /**
     * @param list<string> $lines keys of the walk
     * @param array<string, array<string, mixed>> $checks as they stand in the catalogue, by id
     * @param list<string> $features of the machine
     */
    public function __construct(
        private readonly array $lines,
        private readonly array $checks,
        private readonly array $features,
    ) {
    }

    /** @param  list<string>  $conditions of the lead */
    public function mayLeave(array $conditions): bool
    {
        if ($this->isTagged()) {
            return false;
        }
        foreach ($this->lines as $line) {
            $severity = $this->severity($line);
            $now = $this->now($line);
            $may = match (true) {
                $now === 'good' => true,
                $now === 'stops' => false,
                $severity === 'note' => true,
                $now === 'bad' && $severity === 'hold' => in_array($line, $conditions, true),
                default => false,
            };
            if (! $may) {
                return false;
            }
        }
        foreach ($this->findings() as $id => $severity) {
            if ($severity === 'stop' || ($severity === 'hold' && ! in_array($id, $conditions, true))) {
                return false;
            }
        }

        return true;
    }

    public function mayBeTaggedInBy(string $person): bool
    {
        $repair = null;
        foreach ($this->entries as $entry) {
            $repair = match ($entry['kind']) {
                'hang' => null,
                'repair' => $entry,
                default => $repair,
            };
        }
        if ($repair === null || $repair['by'] === $person || in_array('stop', $this->findings(), true)) {
            return false;
        }
        foreach ($this->lines as $line) {
            $now = $this->now($line);
            if ($now === 'stops' || ($now !== 'good' && $this->isDueAfter($repair['lines'], $line))) {
                return false;
            }
        }

        return true;
    }

    public function isTagged(): bool
    {
        foreach (array_reverse($this->entries) as $entry) {
            if (in_array($entry['kind'], ['hang', 'lift'], true)) {
                return $entry['kind'] === 'hang';
            }
        }

        return false;
    }

    /** good, bad, stops or unknown */
    public function now(string $line): string
    {
        $struck = [];
        for ($at = count($this->entries) - 1; $at >= 0; $at--) {
            $entry = $this->entries[$at];
            if ($entry['kind'] === 'strike') {
                $struck[] = $entry['struck'];
            }
            if ($entry['kind'] === 'repair' && $this->isDueAfter($entry['lines'], $line)) {
                return 'unknown';
            }
            if ($entry['kind'] === 'answer' && $entry['line'] === $line) {
                return in_array($entry['id'], $struck, true) ? 'unknown' : $this->worth($line, $entry['answer']);
            }
        }

        return 'unknown';
    }

    private function worth(string $line, string $answer): string
    {
        $check = $this->check($line);
        // A step of a test may weigh less than the test.
        $gravity = ($check['test'][0]['severity'] ?? $check['severity']);

        return match ($answer) {
            'stands', 'put_right', 'not_fitted' => 'good',
            'amiss' => $gravity === 'stop' ? 'stops' : 'bad',
            'cannot_tell' => 'unknown',
        };
    }

    /** @return array<string, string> severity of what was found and not struck */
    private function findings(): array
    {
        $found = [];
        foreach ($this->entries as $entry) {
            if (in_array($entry['kind'], ['place', 'grade'], true)) {
                $found[$entry['finding'] ?? $entry['id']] = $entry['severity'];
            }
            if ($entry['kind'] === 'strike') {
                unset($found[$entry['struck']]);
            }
        }

        return $found;
    }

    /** @param  list<string>  $mended */
    private function isDueAfter(array $mended, string $line): bool
    {
        $check = $this->check($line);
        $mendedChecks = array_map(static fn (string $key): string => strtok($key, '@'), $mended);
        $occasions = $check['occasions'] ?? [];
        foreach ($check['occasions_with'] ?? [] as $feature => $more) {
            $occasions = in_array($feature, $this->features, true) ? [...$occasions, ...$more] : $occasions;
        }

        return in_array('work_platform', $this->features, true)
            || in_array($line, $mended, true)
            || in_array('after_repair', $occasions, true)
            || array_intersect($check['after'] ?? [], $mendedChecks) !== [];
    }

    private function severity(string $line): string
    {
        return $this->check($line)['severity'];
    }

    /** @return array<string, mixed> */
    private function check(string $line): array
    {
        return $this->checks[strtok($line, '@')];
    }
}
