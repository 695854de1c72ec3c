<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Quantity\Quantity;

/**
 * Voltage of a lead-acid battery at rest, in volts.
 *
 * 12.0 V and less for each block of 12 V is flat, under 12.4 V is charged before it leaves. The state of charge that
 * goes with it is read from the table of starting batteries. Source: Battery Council International service manual table.
 */
final readonly class BatteryVoltage implements ScaleReading
{
    public function __construct(public Quantity $nominal, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Dial, $this->nominal->times('0.85'), $this->nominal->times('1.15'), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->nominal, Edge::Included, Outcome::Attend, 'battery.flat', 'battery.charge_and_test'),
            Band::upTo($this->nominal->times('12.4')->dividedBy(12), Edge::Excluded, Outcome::Attend, 'battery.low', 'battery.charge'),
            Band::andAbove(Outcome::Stands, 'battery.charged'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $block = $observation->value->times(12)->dividedBy((string) $this->nominal->decimal(0));
        $charge = (string) ChargeTable::starting()->fromVoltage($block)->toScale(0, RoundingMode::HALF_UP);

        return BandVerdict::of($this->bands()->of($observation->value), ['charge' => $charge], ["{$observation->value->text()} V → {$charge} %"], $this->source);
    }
}
