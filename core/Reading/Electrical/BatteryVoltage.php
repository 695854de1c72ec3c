<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandVerdict;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Voltage of a lead-acid battery at rest, in volts.
 *
 * 12.0 V and less for each block of 12 V is flat, under 12.4 V is charged before it leaves. The state of charge that
 * goes with it is read from the table of starting batteries. More than 13.2 V for a block is being charged, or was
 * until just now, and says nothing (common practice, no source). Source: Battery Council International service manual
 * table.
 */
final readonly class BatteryVoltage implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $nominal, private Source $source)
    {
    }

    /** The highest that a block of 12 V shows at rest, in volts. */
    private const AT_REST = '13.2';

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
            Band::upTo(
                $this->nominal->times('12.4')->dividedBy(12),
                Edge::Excluded,
                Outcome::Attend,
                'battery.low',
                'battery.charge',
            ),
            Band::upTo(
                $this->nominal->times(self::AT_REST)->dividedBy(12),
                Edge::Included,
                Outcome::Stands,
                'battery.charged',
            ),
            Band::andAbove(Outcome::Open, 'battery.not_at_rest', 'battery.rest'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $block = $observation->value->times(12)->dividedBy((string) $this->nominal->decimal(0, RoundingMode::HALF_UP));
        $charge = (string) ChargeTable::starting()->fromVoltage($block)->toScale(0, RoundingMode::HALF_UP);

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['charge' => $charge],
            ["{$observation->value->text()} V → {$charge} %"],
            $this->source,
        );
    }
}
