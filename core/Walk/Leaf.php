<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Check\AnswerKind;

/**
 * One page of a walk: what is answered at a stop, by how it is answered.
 *
 * What tags the machine out, or keeps it from power, has a touch of its own; an instrument, a paper and a dashboard are
 * opened; the rest is said by one held act. Common practice, no source.
 */
final readonly class Leaf
{
    /**
     * @param non-empty-list<PlannedLine> $lines in the order of the walk
     * @param list<LeafItem> $each what is touched one by one, with the other steps of tests that have such a step
     * @param list<PlannedLine> $opened what is read, compared or measured
     * @param list<LeafItem> $together what is said together
     */
    private function __construct(
        public array $lines,
        public array $each,
        public array $opened,
        public array $together,
    ) {
    }

    /** @param  non-empty-list<PlannedLine>  $lines */
    public static function of(array $lines): self
    {
        $each = [];
        $opened = [];
        $together = [];
        foreach ($lines as $line) {
            $check = $line->check;
            if (! in_array($check->answer, [AnswerKind::Look, AnswerKind::FunctionTest], true)) {
                $opened[] = $line;

                continue;
            }
            $items = $check->answer === AnswerKind::Look
                ? [LeafItem::look($line)]
                : array_map(static fn (int $at): LeafItem => LeafItem::step($line, $at), array_keys($check->test));
            // The steps of a test stay in their order, one below the other.
            if (array_filter($items, static fn (LeafItem $item): bool => $item->isAlone) !== []) {
                array_push($each, ...$items);
            } else {
                array_push($together, ...$items);
            }
        }

        return new self($lines, $each, $opened, $together);
    }

    /** How high it stands on the page, in rows: what is said together stands in two columns. */
    public function rows(): float
    {
        return count($this->each) + count($this->opened) + count($this->together) / 2;
    }

    /** @return list<LeafItem> what is said by the held act */
    public function saidTogether(): array
    {
        return array_values(array_filter(
            [...$this->each, ...$this->together],
            static fn (LeafItem $item): bool => ! $item->isAlone,
        ));
    }

    /** How many things are said on it. */
    public function items(): int
    {
        return count($this->each) + count($this->opened) + count($this->together);
    }
}
