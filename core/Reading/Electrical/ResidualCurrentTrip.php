<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
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
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Time until a residual-current device trips at its rated current, in milliseconds.
 *
 * At most 300 ms for a general device. Source: IEC 61008-1 and IEC 61009-1.
 */
final readonly class ResidualCurrentTrip implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $rated, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Watch, Quantity::zero(Unit::Millisecond), Quantity::of(500, Unit::Millisecond), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo(self::most(), Edge::Included, Outcome::Stands, 'residual.trips'),
            Band::andAbove(Outcome::Stop, 'residual.too_slow', 'residual.no_outlet'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        if ($observation->value->isZero()) {
            return Verdict::open(new Phrase('watch.not_run'), [], $this->source, new Phrase('watch.again'));
        }

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['time' => $observation->value->text(), 'most' => self::most()->text(), 'rated' => $this->rated->text()],
            ["{$observation->value->text()} ms : 300 ms, {$this->rated->text()} mA"],
            $this->source,
        );
    }

    /** The longest time that a device of the general type may take at its rated current. */
    public static function most(): Quantity
    {
        return Quantity::of(300, Unit::Millisecond);
    }
}
