<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\AnswerKind;

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
     * @param list<LeafItem> $each what is touched one by one
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
            if ($check->answer === AnswerKind::Look) {
                $item = LeafItem::look($line);
                $check->mayStandTogether() ? $together[] = $item : $each[] = $item;
            } elseif ($check->answer === AnswerKind::FunctionTest) {
                foreach ($check->test as $at => $step) {
                    $item = LeafItem::step($line, $at);
                    $check->isTouchedAlone($step) ? $each[] = $item : $together[] = $item;
                }
            } else {
                $opened[] = $line;
            }
        }

        return new self($lines, $each, $opened, $together);
    }

    /** How high it stands on the page, in rows: what is said together stands in two columns. */
    public function rows(): float
    {
        return count($this->each) + count($this->opened) + count($this->together) / 2;
    }

    /** How many things are said on it. */
    public function items(): int
    {
        return count($this->each) + count($this->opened) + count($this->together);
    }
}
