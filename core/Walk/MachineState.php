<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/** The state a machine is in, as far as a check or a person beside it depends on it. */
final readonly class MachineState
{
    public function __construct(
        public Isolator $isolator,
        public Key $key,
        public Engine $engine,
        public Temperature $temperature,
        public ParkBrake $parkBrake,
    ) {
    }

    /** How much of the machine is alive: a state that asks for more may not be entered before one that asks for less. */
    public function liveliness(): int
    {
        return match ($this->engine) {
            Engine::WorkingSpeed => 3 + ($this->parkBrake === ParkBrake::Released ? 1 : 0),
            Engine::Idle => 2 + ($this->parkBrake === ParkBrake::Released ? 2 : 0),
            Engine::Stopped => $this->key === Key::Run ? 1 : 0,
        };
    }

    /** Hands may go in only when nothing can turn and nobody else can start it. */
    public function allowsHandsIn(): bool
    {
        return $this->key === Key::Out && $this->engine === Engine::Stopped;
    }
}
