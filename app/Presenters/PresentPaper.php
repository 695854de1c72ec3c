<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\MachinePaper;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Verdict\Outcome;

final class PresentPaper
{
    /** A paper that ends within so many days is looked after. Common practice, no source. */
    private const SOON_DAYS = 30;

    /**
     * @param CarbonImmutable $today midnight on the yard's calendar
     * @return array<string, mixed>
     */
    public static function of(MachinePaper $paper, CarbonImmutable $today): array
    {
        $left = $paper->valid_until === null
            ? null
            : (int) CarbonImmutable::parse($today->format('Y-m-d'), 'UTC')->diffInDays(
                CarbonImmutable::parse($paper->valid_until->format('Y-m-d'), 'UTC'),
            );

        return [
            'kind' => $paper->kind->value,
            'name' => Words::say("words.paper.{$paper->kind->value}"),
            'number' => $paper->number,
            'issued_on' => $paper->issued_on?->format('Y-m-d'),
            'valid_until' => $paper->valid_until?->format('Y-m-d'),
            'photos' => $paper->photos ?? [],
            'days_left' => $left,
            'mark' => match (true) {
                $left === null || $left > self::SOON_DAYS => Outcome::Stands->value,
                $left >= 0 => Outcome::Attend->value,
                default => Outcome::Stop->value,
            },
        ];
    }
}
