<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\MachineAttachment;
use App\Models\Repair;
use App\Texts;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Service\After;
use JadeLedger\Core\Service\Happened;

/** What the ledger knows of repairs, attachments and hires of machines, as the core asks for it. */
final class HappenedTo
{
    /**
     * @param list<string> $machineIds
     * @return array<string, array<string, \DateTimeImmutable>> the last of each, by machine and by the value of After
     */
    public static function last(array $machineIds): array
    {
        $last = array_fill_keys($machineIds, []);
        $repairs = Repair::query()->whereIn('machine_id', $machineIds)->toBase()->groupBy('machine_id')
            ->selectRaw('machine_id, max(repaired_at) as at')->pluck('at', 'machine_id');
        foreach (array_combine(Texts::of($repairs->keys()), Texts::of($repairs)) as $machine => $at) {
            $last[$machine][After::Repair->value] = CarbonImmutable::parse($at, 'UTC')->toDateTimeImmutable();
        }
        foreach (MachineAttachment::query()->whereIn('machine_id', $machineIds)->get() as $attachment) {
            $last[$attachment->machine_id][After::AttachmentChange->value] = $attachment->since->toDateTimeImmutable();
        }

        return $last;
    }

    /**
     * @param Collection<int, Hire> $hires of the machine, with their states
     * @param array<string, \DateTimeImmutable> $last by the value of After
     */
    public static function of(Collection $hires, array $last): Happened
    {
        $ended = [];
        foreach ($hires as $hire) {
            if ($hire->state?->in_at !== null) {
                $ended[] = $hire->state->in_at->toDateTimeImmutable();
            }
        }

        return new Happened($ended, $last);
    }
}
