<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Audit\AuditChain;
use App\Texts;
use Illuminate\Support\Facades\DB;

/** Walks the chain of the audit trail of each yard. */
final class VerifyAudit
{
    /** @return list<string> what is wrong, in words */
    public function faults(): array
    {
        $faults = [];
        foreach (Texts::of(DB::table('audit_entries')->distinct()->pluck('yard_id')) as $yard) {
            $previous = AuditChain::GENESIS;
            $isChained = false;
            foreach (DB::table('audit_entries')->where('yard_id', $yard)->orderBy('id')->cursor() as $row) {
                /** @var array<string, int|string|null> $columns */
                $columns = (array) $row;
                // Lines of before the trail was chained are covered by checkpoints only.
                if ($columns['hash'] === null && ! $isChained) {
                    continue;
                }
                $isChained = true;
                $hash = AuditChain::hash($columns, $previous);
                if ($columns['previous_hash'] !== $previous || $columns['hash'] !== $hash) {
                    $faults[] = "The audit trail of yard {$yard} is broken at line {$columns['id']}.";

                    break;
                }
                $previous = $hash;
            }
        }

        return $faults;
    }
}
