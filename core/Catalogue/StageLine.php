<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Reading\WaitLimits;

/** One thing that must be true before a machine state counts as reached; confirmed by hand. */
final readonly class StageLine
{
    /** @param  string|null  $waitLimit the name under which the model keeps how long to wait; then it is not a number of the catalogue */
    public function __construct(
        public string $id,
        public string $text,
        public string $why,
        public Applicability $applies,
        public int $waitSeconds,
        public ?string $waitLimit = null,
    ) {
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

        return new self($this->id, $this->text, $this->why, $this->applies, $wait->seconds, $this->waitLimit);
    }
}
