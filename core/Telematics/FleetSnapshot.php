<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

/** What a provider says of a fleet at a moment; a large fleet comes in pages. */
final readonly class FleetSnapshot
{
    /** @param  list<MachineReport>  $machines */
    private function __construct(public array $machines, public ?string $nextPage)
    {
    }

    /** @throws SnapshotIsUnreadable */
    public static function read(string $body): self
    {
        $root = SnapshotNode::of($body);
        // JSON has the name of the root within it, XML is the root.
        $fleet = $root->at('fleet') ?? $root;
        $machines = array_map(self::machine(...), $fleet->all('equipment'));
        if ($machines === [] && $fleet->text('snapshotTime') === null && $fleet->text('version') === null) {
            throw SnapshotIsUnreadable::because('it names no equipment and no time');
        }

        return new self($machines, self::next($fleet));
    }

    private static function next(SnapshotNode $fleet): ?string
    {
        foreach ($fleet->all('links') as $link) {
            if (strtolower($link->text('rel') ?? '') === 'next') {
                return $link->text('href');
            }
        }

        return null;
    }

    private static function machine(SnapshotNode $node): MachineReport
    {
        $hours = self::timed($node->at('cumulativeOperatingHours'));

        return new MachineReport(
            $node->text('equipmentHeader/equipmentId'),
            array_values(array_unique(array_filter([
                $node->text('equipmentHeader/serialNumber'),
                $node->text('equipmentHeader/pin'),
            ]))),
            $hours,
            self::timed($node->at('cumulativeIdleHours')),
            self::percent($node->text('fuelRemaining/percent')),
            self::percent($node->text('defRemaining/percent')),
            GlobePosition::read($node->text('location/latitude'), $node->text('location/longitude')),
            match (strtolower($node->text('engineStatus/running') ?? '')) {
                'true', '1' => true,
                'false', '0' => false,
                default => null,
            },
            self::faults($node),
            self::latest([$hours?->at, ...array_map(
                static fn (string $of): ?\DateTimeImmutable => self::moment($node->text("{$of}/datetime")),
                ['location', 'engineStatus', 'fuelRemaining'],
            )]),
        );
    }

    /** @return list<ReportedFault> one of each */
    private static function faults(SnapshotNode $node): array
    {
        $faults = [];
        foreach ($node->all('faultCode') as $fault) {
            $identifier = $fault->text('codeIdentifier');
            if ($identifier !== null) {
                $faults[$identifier] = ReportedFault::of($identifier, $fault->text('codeDescription'));
            }
        }
        ksort($faults, SORT_STRING);

        return array_values($faults);
    }

    private static function timed(?SnapshotNode $node): ?TimedHours
    {
        $hours = HoursText::read($node?->text('hour') ?? '');
        $at = self::moment($node?->text('datetime'));

        return $hours === null || $at === null ? null : new TimedHours($hours, $at);
    }

    /** Moments are UTC where they do not say otherwise. Source: ISO 15143-3. */
    private static function moment(?string $text): ?\DateTimeImmutable
    {
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)?$/D', $text ?? '') !== 1) {
            return null;
        }
        try {
            return (new \DateTimeImmutable((string) $text, new \DateTimeZone('UTC')))
                ->setTimezone(new \DateTimeZone('UTC'));
        } catch (\Exception) {
            return null;
        }
    }

    private static function percent(?string $text): ?string
    {
        return preg_match('/^\d{1,3}(\.\d{1,4})?$/D', $text ?? '') === 1 && (float) $text <= 100 ? $text : null;
    }

    /** @param  list<\DateTimeImmutable|null>  $moments */
    private static function latest(array $moments): ?\DateTimeImmutable
    {
        $known = array_values(array_filter($moments));

        return $known === [] ? null : max($known);
    }
}
