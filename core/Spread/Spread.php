<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

/** The two columns of one hire and what stands between them. */
final readonly class Spread
{
    /**
     * @param list<ReadingLine> $readings
     * @param list<FindingLine> $findings
     * @param list<string> $explained keys of the lines that somebody explained
     */
    public function __construct(public array $readings, public array $findings, public array $explained)
    {
    }

    /** @return list<string> keys of the lines that keep the hire from being closed */
    public function unexplained(): array
    {
        $keys = [];
        foreach ($this->readings as $line) {
            if ($line->balance->needsExplaining()) {
                $keys[] = $line->key;
            }
        }
        foreach ($this->findings as $line) {
            if ($line->balance->needsExplaining()) {
                $keys[] = $line->findingId;
            }
        }

        return array_values(array_diff($keys, $this->explained));
    }

    public function mayBeClosed(): bool
    {
        return $this->unexplained() === [];
    }
}
