<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Audit\AuditChain;
use Illuminate\Support\Facades\DB;

/** Walks the chain of the audit trail of each yard. */
final class VerifyAudit
{
    /** @return list<string> what is wrong, in words */
    public function faults(): array
    {
        $faults = [];
        foreach (DB::table('audit_entries')->distinct()->pluck('yard_id') as $yard) {
            $previous = AuditChain::GENESIS;
            $isChained = false;
            foreach (DB::table('audit_entries')->where('yard_id', $yard)->orderBy('id')->cursor() as $row) {
                // Lines of before the trail was chained are covered by checkpoints only.
                if ($row->hash === null && ! $isChained) {
                    continue;
                }
                $isChained = true;
                if ($row->previous_hash !== $previous || $row->hash !== AuditChain::hash((array) $row, $previous)) {
                    $faults[] = "The audit trail of yard {$yard} is broken at line {$row->id}.";

                    break;
                }
                $previous = $row->hash;
            }
        }

        return $faults;
    }
}
