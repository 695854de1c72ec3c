<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\SystemPart;
use App\Models\Finding;
use App\Models\Walk;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\JudgedLine;

/** A finding as seen from one walk: new on it, or the same, worse or not yet looked at. */
final class PresentFinding
{
    /** @return array<string, mixed> */
    public static function on(Finding $finding, ?Walk $walk): array
    {
        $again =
            $walk === null ? $finding->sightings->last() : $finding->sightings->where('walk_id', $walk->id)->last();
        $isNew = $walk !== null && $finding->walk_id === $walk->id;
        $comparison = $isNew ? Comparison::New : Comparison::between(
            Quantity::of($finding->size_mm ?? 0, Unit::Millimetre),
            $again === null ? null : Quantity::of($again->size_mm ?? 0, Unit::Millimetre),
        );

        return [
            'id' => $finding->id,
            'number' => $finding->number,
            'at' => ['x' => (float) $finding->x_cm, 'y' => (float) $finding->y_cm],
            'part' => $finding->part,
            'kind' => $finding->kind,
            'degree' => $finding->degree,
            'size_mm' => $finding->size_mm,
            'words' => $finding->words,
            'photos' => array_values(
                array_unique([
                    ...$finding->photos,
                    ...array_merge(
                        ...$finding->sightings
                            ->map(static fn ($sighting): array => $sighting->photos)
                            ->values()
                            ->all() ?: [[]],
                    ),
                ]),
            ),
            'severity' => $finding->severity->value,
            'proposed_severity' => $finding->proposed_severity->value,
            'proposed_because' => $finding->proposed_because,
            'severity_reason' => $finding->severity_reason,
            'actor' => PresentActor::ofPart($finding->actor, SystemPart::Telematics),
            'recorded_at' => Moment::text($finding->recorded_at),
            'walk_id' => $finding->walk_id,
            'comparison' => $comparison->value,
            'size_now_mm' => $again->size_mm ?? $finding->size_mm,
            'lifted_by' => DecideRelease::liftedBy(JudgedLine::finding($finding->id, '', $finding->severity))?->value,
        ];
    }
}
