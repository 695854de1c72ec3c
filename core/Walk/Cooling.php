<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Movement;

/**
 * When a machine that was just worked will be cold to the hand. How long that takes is content: the lines of a state
 * say
 * `cools_minutes`, with the source.
 */
final readonly class Cooling
{
    private function __construct(public ?string $stage, public int $minutes)
    {
    }

    /** The first state that has to wait until this model is cold; none where nothing of it gets hot. */
    public static function of(Catalogue $catalogue, MachineModel $model): self
    {
        $features = $catalogue->featuresOf($model);
        foreach ($catalogue->stages as $stage) {
            foreach ($stage->linesFor($features) as $line) {
                if ($line->coolsMinutes > 0) {
                    return new self($stage->id, $line->coolsMinutes);
                }
            }
        }

        return new self(null, 0);
    }

    /**
     * At the latest when it came back: it may have stood for a while before. A machine that goes out has stood.
     *
     * @param list<string> $entered states that the walk was in
     * @return \DateTimeImmutable|null nothing where it does not matter, or no more
     */
    public function until(Movement $movement, \DateTimeImmutable $backAt, array $entered): ?\DateTimeImmutable
    {
        return $this->stage === null || $movement !== Movement::Return || in_array($this->stage, $entered, true)
            ? null
            : $backAt->add(new \DateInterval("PT{$this->minutes}M"));
    }
}
