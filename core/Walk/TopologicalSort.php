<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/** Puts lines so that each stands behind those that it has to wait for; otherwise their order is kept. */
final readonly class TopologicalSort
{
    /**
     * @param list<DueLine> $lines
     * @return list<DueLine>
     *
     * @throws NoSafeOrder when lines wait for each other
     */
    public function of(array $lines): array
    {
        $ofCheck = [];
        foreach ($lines as $line) {
            $ofCheck[$line->check->id][] = $line;
        }
        $ordered = $underWay = [];
        foreach ($lines as $line) {
            $this->visit($line, $ofCheck, $underWay, $ordered);
        }

        return array_values($ordered);
    }

    /**
     * @param array<string, list<DueLine>> $ofCheck
     * @param array<string, true> $underWay
     * @param array<string, DueLine> $ordered
     */
    private function visit(DueLine $line, array $ofCheck, array &$underWay, array &$ordered): void
    {
        if (isset($ordered[$line->key])) {
            return;
        }
        if (isset($underWay[$line->key])) {
            throw NoSafeOrder::inACircle(array_keys($underWay));
        }
        $underWay[$line->key] = true;
        foreach ($line->check->after as $other) {
            foreach ($ofCheck[$other] ?? [] as $before) {
                $this->visit($before, $ofCheck, $underWay, $ordered);
            }
        }
        unset($underWay[$line->key]);
        $ordered[$line->key] = $line;
    }
}
