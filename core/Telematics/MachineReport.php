<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

/** What one machine says of itself in a fleet snapshot. What it does not say is none, and never a figure. */
final readonly class MachineReport
{
    /**
     * @param list<string> $serials serial number and PIN, as far as they are there
     * @param string|null $fuelPercent 0 to 100
     * @param string|null $exhaustFluidPercent 0 to 100
     * @param list<ReportedFault> $faults
     */
    public function __construct(
        public ?string $fleetNumber,
        public array $serials,
        public ?TimedHours $hours,
        public ?TimedHours $idle,
        public ?string $fuelPercent,
        public ?string $exhaustFluidPercent,
        public ?GlobePosition $position,
        public ?bool $isRunning,
        public array $faults,
        public ?\DateTimeImmutable $saidAt,
    ) {
    }

    /** By what it names itself, for people to read. */
    public function names(): string
    {
        $names = array_values(array_unique(array_filter([$this->fleetNumber, ...$this->serials])));

        return $names === [] ? '–' : implode(', ', $names);
    }
}
