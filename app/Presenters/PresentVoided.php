<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\Contexts\WalkContext;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Words;
use Carbon\CarbonImmutable;

/** A release that was void before the machine left: whose entry made it so, and what keeps the machine here. */
final class PresentVoided
{
    /** @return array<string, mixed>|null */
    public function of(WalkContext $context): ?array
    {
        $voided = $context->walk->voided;
        $by = $voided === null ? null : LedgerEntry::query()->with('actor')->where('id', $voided['by_entry'])->first();
        if ($voided === null || $by === null) {
            return null;
        }

        return [
            'released_at' => $voided['released_at'] === null
                ? null
                : Moment::text(CarbonImmutable::parse($voided['released_at'])),
            'by' => PresentActor::of($by),
            'at' => Moment::text($by->recorded_at),
            'words' => $this->ground($voided['reference'], $context),
        ];
    }

    private function ground(?string $reference, WalkContext $context): string
    {
        if ($reference === null) {
            return Words::say('words.decision.tagged_out');
        }
        $finding = Finding::query()->where('machine_id', $context->walk->machine_id)->find($reference);
        $title = $finding === null
            ? $reference
            : "{$context->catalogue()->findingKind($finding->kind)->name}, {$finding->part}";

        return GroundName::of($reference, $title, $context);
    }
}
