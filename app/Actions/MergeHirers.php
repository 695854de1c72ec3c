<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * A hirer who was entered twice becomes one: the hires go to the one that is kept, which takes over what it lacks.
 * The other row stays, so that its name still finds the hirer and nothing that was written of it is lost.
 */
final readonly class MergeHirers
{
    private const TAKEN_OVER = ['phone', 'mail', 'address', 'notes'];

    public function __construct(private WriteAudit $audit)
    {
    }

    /** @throws ApiProblem where both are one already */
    public function __invoke(string $doubleId, string $keptId, User $by): Customer
    {
        return DB::transaction(function () use ($doubleId, $keptId, $by): Customer {
            // Always in the same order, so that two who merge the same pair wait for each other.
            $ids = [$doubleId, $keptId];
            sort($ids);
            foreach ($ids as $id) {
                Customer::query()->whereKey($id)->lockForUpdate()->firstOrFail();
            }
            $double = Customer::query()->findOrFail($doubleId);
            $kept = Customer::query()->findOrFail($keptId);
            if ($double->is($kept) || $double->merged_into_id !== null || $kept->merged_into_id !== null) {
                throw ApiProblem::because(
                    ProblemName::HirersOneAlready,
                    409,
                    ['name' => $double->kept()->name, 'other' => $kept->kept()->name],
                );
            }
            $before = array_filter($kept->only(self::TAKEN_OVER));
            $kept->update(array_filter(array_diff_key($double->only(self::TAKEN_OVER), $before)));
            $hires = Hire::query()->where('customer_id', $double->id)->update(['customer_id' => $kept->id]);
            $double->doubles()->update(['merged_into_id' => $kept->id]);
            $double->update(['merged_into_id' => $kept->id]);
            ($this->audit)(
                AuditKind::HirersMerged,
                $by,
                $kept->name,
                ['name' => $double->name] + array_filter($double->only(self::TAKEN_OVER)),
                ['name' => $kept->name, 'hires' => (string) $hires] + array_filter($kept->only(self::TAKEN_OVER)),
            );

            return $kept;
        }, 3);
    }
}
