<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Reading\WaitLimits;
use JadeLedger\Core\State\Aspect;
use JadeLedger\Core\State\MachineState;

/** One thing that must be true before a machine state counts as reached; confirmed by hand. */
final readonly class StageLine
{
    /**
     * @param string|null $waitLimit the name under which the model keeps how long to wait; then it is not a number of the catalogue
     * @param list<Aspect> $leaves what the machine has to have been for the line to be asked: a lock that was fitted, an isolator that
     *                             was off; without any, it is asked whichever state the machine comes from
     * @param int $coolsMinutes after which it is so on a machine that was just worked, where that takes time
     * @param bool $isTouchedAlone whether it is confirmed by a touch of its own: people, the area, what is proved dead
     */
    public function __construct(
        public string $id,
        public string $text,
        public string $why,
        public Applicability $applies,
        public int $waitSeconds,
        public ?string $waitLimit = null,
        public array $leaves = [],
        public int $coolsMinutes = 0,
        public bool $isTouchedAlone = false,
    ) {
    }

    /** Whether it is asked of a machine that comes from a state; from one that nobody knows, everything is. */
    public function isAskedFrom(?MachineState $before): bool
    {
        return $this->leaves === []
            || $before === null
            || array_filter(
                $this->leaves,
                static fn (Aspect $one): bool => in_array($one, $before->aspects(), true),
            ) !== [];
    }

    /**
     * The same line with the wait of a model.
     *
     * @throws LimitNotKnown when the model does not say how long
     */
    public function on(MachineModel $model): self
    {
        if ($this->waitLimit === null) {
            return $this;
        }
        $wait = $model->limit($this->waitLimit);
        if (! $wait instanceof WaitLimits) {
            throw LimitNotKnown::ofModel($model->id, $this->waitLimit);
        }

        return new self(
            $this->id,
            $this->text,
            $this->why,
            $this->applies,
            $wait->seconds,
            $this->waitLimit,
            $this->leaves,
            $this->coolsMinutes,
            $this->isTouchedAlone,
        );
    }
}
