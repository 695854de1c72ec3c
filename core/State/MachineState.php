<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** The state a machine is in, as far as a check or a person beside it depends on it. */
final readonly class MachineState
{
    public function __construct(
        public Isolator $isolator,
        public Key $key,
        public Engine $engine,
        public Temperature $temperature,
        public ParkBrake $parkBrake,
        public Posture $posture,
        public Articulation $articulation,
        public Pressure $pressure,
        public Area $area,
        public Helper $helper,
        public Controls $controls,
        public Axles $axles,
    ) {
    }

    /** @return list<Aspect> */
    public function aspects(): array
    {
        return [
            $this->isolator, $this->key, $this->engine, $this->temperature, $this->parkBrake, $this->posture,
            $this->articulation, $this->pressure, $this->area, $this->helper, $this->controls, $this->axles,
        ];
    }

    /**
     * How much of the machine is alive, or had to be to get there.
     *
     * A state that asks for more is not entered while a check that has to stand before it does not.
     */
    public function hazardLevel(): int
    {
        return match (true) {
            $this->parkBrake === ParkBrake::Released => 5,
            $this->controls === Controls::Platform => 4,
            $this->engine === Engine::WorkingSpeed, $this->posture === Posture::Propped => 3,
            $this->engine === Engine::Idle, $this->temperature === Temperature::Hot => 2,
            $this->key === Key::Run => 1,
            default => 0,
        };
    }

    /** Hands may go in only when nothing can turn and nobody else can start it. */
    public function allowsHandsIn(): bool
    {
        return $this->key === Key::Out && $this->engine === Engine::Stopped;
    }
}
