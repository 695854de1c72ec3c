<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Ledger\ChainedEntry;
use JadeLedger\Core\Ledger\HashChain;
use JadeLedger\Core\Walk\PlanWalk;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\HistoryOfOne;
use Tests\Support\MemoryYard;
use Tests\Support\RealCatalogue;

/**
 * Random people post random entries in random order to a yard that is kept in memory: the core lets a machine go when,
 * and only when, a history that knows nothing of the core says that it may. CORE_SEQUENCES says how many: see
 * bin/model-test.
 */
final class AnyOrderTest extends TestCase
{
    private const ENTRIES = 24;

    private const PEOPLE = ['ines', 'moss', 'rafe'];

    private Randomizer $random;

    #[TestWith(['fenwold_p20', 1])]
    #[TestWith(['eskrigg_6s', 2])]
    #[TestWith(['pennick_m3', 3])]
    #[TestWith(['skarrow_lt9', 4])]
    public function test_it_leaves_when_and_only_when_nothing_forbids_it(string $modelId, int $seed): void
    {
        $catalogue = RealCatalogue::get();
        $model = $catalogue->model($modelId);
        $plan = (new PlanWalk($catalogue))->for($model, Movement::Checkout);
        $lines = array_map(static fn ($line): string => $line->key, $plan->lines());
        $checks = self::checksAsWritten();
        $features = $catalogue->featuresOf($model);
        $all = array_keys(RealCatalogue::compiled()->trees['features.yaml']['features']);
        $names = array_filter($all, $features->has(...));
        $this->random = new Randomizer(new Mt19937($seed));
        $tried = ['leave' => [0, 0], 'release' => [0, 0], 'lift' => [0, 0]];
        $inspected = new MemoryYard($plan, $features);
        $before = new HistoryOfOne($lines, $checks, [...array_values($names), ...self::grantedByRules()]);
        $this->begin($inspected, $before, $lines);
        for ($sequence = intdiv((int) (getenv('CORE_SEQUENCES') ?: 5000), 4); $sequence > 0; $sequence--) {
            $yard = clone $inspected;
            $history = clone $before;
            for ($step = 0; $step < self::ENTRIES; $step++) {
                foreach ($this->somethingPosted($yard, $history, $lines) as $entry) {
                    $may = match ($entry['kind']) {
                        'release' => $history->mayLeave($entry['conditions']),
                        'leave' => $this->released($history) !== null
                            && $history->mayLeave($this->released($history)),
                        'lift' => $history->mayBeTaggedInBy($entry['by']),
                        default => null,
                    };
                    $isTaken = $yard->post($entry);
                    if ($may !== null) {
                        self::assertSame($may, $isTaken, "{$sequence} to go, step {$step}: {$entry['kind']}");
                        $tried[$entry['kind']][(int) $isTaken]++;
                    }
                    if ($isTaken) {
                        $history->entries[] = $entry;
                    }
                }
            }
            if ($sequence % 10 === 0) {
                $this->chainHoldsAndTellsOfTampering($yard);
            }
        }
        foreach ($tried as $kind => [$refused, $taken]) {
            self::assertGreaterThan(0, $refused, "{$kind} was never refused: nothing was tried");
            self::assertGreaterThan(0, $taken, "{$kind} was never taken: nothing was tried");
        }
    }

    /** @param  list<string>  $lines */
    private function begin(MemoryYard $yard, HistoryOfOne $history, array $lines): void
    {
        foreach ($lines as $line) {
            $entry = $this->entry('answer', ['line' => $line, 'answer' => 'stands']);
            $yard->post($entry);
            $history->entries[] = $entry;
        }
    }

    /**
     * @param list<string> $lines
     * @return list<array<string, mixed>>
     */
    private function somethingPosted(MemoryYard $yard, HistoryOfOne $history, array $lines): array
    {
        $answers = ['stands', 'stands', 'amiss', 'cannot_tell', 'put_right', 'not_fitted'];
        $open = $yard->open();
        $placed = $this->idsOf($history, 'place');
        $severities = ['note', 'hold', 'stop'];

        // What is open is looked at to the end, as somebody does who wants the tag off.
        if ($this->random->getInt(0, 11) === 0) {
            return array_map(
                fn (string $line): array => $this->entry('answer', ['line' => $line, 'answer' => 'stands']),
                $open,
            );
        }

        return [match ($this->random->getInt(0, 16)) {
            0 => $this->entry('answer', ['line' => $this->pick($lines), 'answer' => $this->pick($answers)]),
            1, 2, 3 => $this->entry(
                'answer',
                ['line' => $open === [] ? $this->pick($lines) : $this->pick($open), 'answer' => 'stands'],
            ),
            4 => $this->entry('place', ['severity' => $this->pick($severities)]),
            5 => $this->entry(
                'grade',
                ['finding' => $placed === [] ? 'none' : $this->pick($placed), 'severity' => $this->pick($severities)],
            ),
            6, 7 => $this->entry(
                'strike',
                ['struck' => $this->pick([...$placed, ...$this->idsOf($history, 'answer')])],
            ),
            8 => $this->entry('hang', []),
            9, 10 => $this->entry('repair', ['lines' => $this->amiss($history, $lines)]),
            11, 12 => $this->entry('lift', []),
            13, 14 => $this->entry(
                'release',
                [
                    'conditions' => $this->random->getInt(0, 1) === 0
                        ? []
                        : [...$placed, ...$this->amiss($history, $lines)],
                ],
            ),
            default => $this->entry('leave', []),
        }];
    }

    /**
     * @param list<string> $lines
     * @return list<string>
     */
    private function amiss(HistoryOfOne $history, array $lines): array
    {
        $answered = array_column(
            array_filter($history->entries, static fn (array $entry): bool => ($entry['answer'] ?? '') === 'amiss'),
            'line',
        );

        return array_values(array_intersect($lines, $answered));
    }

    /** @return list<string>|null the conditions of the last release */
    private function released(HistoryOfOne $history): ?array
    {
        $releases = array_column(
            array_filter($history->entries, static fn (array $entry): bool => $entry['kind'] === 'release'),
            'conditions',
        );

        return $releases === [] ? null : $releases[count($releases) - 1];
    }

    /** @return list<string> */
    private function idsOf(HistoryOfOne $history, string $kind): array
    {
        return array_column(
            array_filter($history->entries, static fn (array $entry): bool => $entry['kind'] === $kind),
            'id',
        );
    }

    /**
     * @param array<string, mixed> $what
     * @return array<string, mixed>
     */
    private function entry(string $kind, array $what): array
    {
        $id = 'e'.bin2hex($this->random->getBytes(8));

        return ['id' => $id, 'kind' => $kind, 'by' => $this->pick(self::PEOPLE)] + $what;
    }

    private function chainHoldsAndTellsOfTampering(MemoryYard $yard): void
    {
        self::assertTrue(HashChain::verify($yard->chain)->holds());
        $at = $this->random->getInt(0, count($yard->chain) - 2);
        $was = $yard->chain[$at];
        $said = str_replace(
            ['stands', '"by":"ines"', '"by":"moss"', '"by":"rafe"'],
            ['amiss', '"by":"rafe"', '"by":"ines"', '"by":"moss"'],
            $was->text,
        );
        $forged = match ($this->random->getInt(0, 2)) {
            // Its words changed, as they stand or with a hash that fits them.
            0 => [new ChainedEntry($was->id, $was->sequence, $said, $was->previousHash, $was->hash)],
            1 => [new ChainedEntry($was->id, $was->sequence, $said, $was->previousHash, HashChain::hash($said))],
            // Taken out.
            2 => [],
        };
        $chain = [...array_slice($yard->chain, 0, $at), ...$forged, ...array_slice($yard->chain, $at + 1)];
        self::assertFalse(HashChain::verify($chain)->holds(), "entry {$at} was tampered with");
    }

    /** @return array<string, array<string, mixed>> the checks as the files say them */
    private static function checksAsWritten(): array
    {
        $checks = [];
        foreach (RealCatalogue::compiled()->trees as $file => $tree) {
            if (str_starts_with($file, 'checks/')) {
                $checks += array_column($tree['checks'], null, 'id');
            }
        }

        return $checks;
    }

    /** @return list<string> */
    private static function grantedByRules(): array
    {
        $granted = [];
        foreach (RealCatalogue::compiled()->trees['rules/house.yaml']['rules'] as $rule) {
            $granted = [...$granted, ...($rule['choices'][$rule['value']]['gives'] ?? [])];
        }

        return $granted;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
