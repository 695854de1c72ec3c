<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\State\MachineState;

/** A part of the walk during which the machine stays in one state. */
final readonly class Stage
{
    /**
     * @param list<StageLine> $lines
     * @param Applicability|null $beginsReturn on which machines a return begins in this state: they come back hot
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $summary,
        public int $order,
        public MachineState $state,
        public int $seconds,
        public array $lines,
        public ?Applicability $beginsReturn = null,
    ) {
    }

    /**
     * The same stage as it is on one model: its waits are those of the model.
     *
     * @param int|null $seconds that the yard takes for it, where that is known
     *
     * @throws LimitNotKnown when a line that applies waits for something that the model does not know
     */
    public function on(MachineModel $model, Features $features, ?int $seconds = null): self
    {
        $lines = array_map(static fn (StageLine $line): StageLine => $line->on($model), $this->linesFor($features));

        return new self(
            $this->id,
            $this->title,
            $this->summary,
            $this->order,
            $this->state,
            $seconds ?? $this->seconds,
            $lines,
            $this->beginsReturn,
        );
    }

    /** @return list<StageLine> */
    public function linesFor(Features $features): array
    {
        return array_values(
            array_filter($this->lines, static fn (StageLine $line): bool => $line->applies->holdsFor($features)),
        );
    }
}
