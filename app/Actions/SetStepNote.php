<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\Customer;
use App\Models\StepNote;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Adds the yard's own words to a step of a briefing. They stand beside the step and replace nothing of it. */
final readonly class SetStepNote
{
    public function __construct(private WriteAudit $audit)
    {
    }

    /** @param  Customer|null  $hirer  whose people alone are told; none tells everybody */
    public function __invoke(string $step, string $words, ?Customer $hirer, User $by): void
    {
        DB::transaction(function () use ($step, $words, $hirer, $by): void {
            StepNote::query()->create([
                'step' => $step, 'customer_id' => $hirer?->id, 'words' => $words,
                'set_by_id' => $by->id, 'set_at' => CarbonImmutable::now(),
            ]);
            ($this->audit)(AuditKind::StepNoteSet, $by, $step, after: ['words' => $words, 'hirer' => $hirer?->name]);
        });
    }
}
