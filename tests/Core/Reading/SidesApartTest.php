<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
use JadeLedger\Core\Reading\Wear\TrackSag;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: tracks within 10 mm of each other, tyres of an axle within a twentieth of the plate. */
final class SidesApartTest extends TestCase
{
    #[TestWith(['45', '55', Outcome::Stands, 'track.right'], '10 mm apart')]
    #[TestWith(['44', '55', Outcome::Attend, 'track.apart'], '11 mm apart')]
    #[TestWith(['55', '44', Outcome::Attend, 'track.apart'], 'the other way round')]
    #[TestWith(['45', null, Outcome::Stands, 'track.right'], 'nobody has read the other side yet')]
    #[TestWith(['29', '55', Outcome::Attend, 'track.tight'], 'too tight by itself')]
    public function test_two_tracks_are_as_slack_as_each_other(
        string $here,
        ?string $there,
        Outcome $outcome,
        string $says,
    ): void {
        $track = new TrackSag(self::mm('30'), self::mm('60'), self::practice());

        $verdict = $track->judge(
            new Observation(self::mm($here), otherSide: $there === null ? null : self::mm($there)),
        );

        self::assertSame($outcome, $verdict->outcome);
        self::assertSame($says, $verdict->reason->key);
    }

    #[TestWith(['210', '220', Outcome::Stands], '10 kPa apart of 11')]
    #[TestWith(['210', '222', Outcome::Attend], '12 kPa apart')]
    #[TestWith(['170', '220', Outcome::Stop], 'flat by itself')]
    public function test_two_tyres_of_an_axle_carry_alike(string $here, string $there, Outcome $outcome): void
    {
        $tyre = new TyrePressure(self::kpa('220'), self::practice());

        $verdict = $tyre->judge(new Observation(self::kpa($here), otherSide: self::kpa($there)));

        self::assertSame($outcome, $verdict->outcome);
    }

    private static function practice(): Source
    {
        return new Source(SourceKind::CommonPractice, 'common practice, no source');
    }

    private static function mm(string $value): Quantity
    {
        return Quantity::of($value, Unit::Millimetre);
    }

    private static function kpa(string $value): Quantity
    {
        return Quantity::of($value, Unit::Kilopascal);
    }
}
