<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Keys\LinkKey;
use App\Models\Hire;
use App\Models\HirerLink;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Gives a hire a link for its hirer; where it has one, that one stays. */
final readonly class MakeHirerLink
{
    public function __construct(private LinkKey $key, private WriteAudit $audit)
    {
    }

    public function __invoke(Hire $hire, User $by): HirerLink
    {
        return DB::transaction(function () use ($hire, $by): HirerLink {
            // Two who ask at once are given the same one.
            Hire::query()->whereKey($hire->id)->lockForUpdate()->firstOrFail();
            $held = HirerLink::heldFor($hire);
            if ($held !== null) {
                return $held;
            }
            $id = (string) Str::uuid7();
            $link = HirerLink::query()->create([
                'id' => $id, 'hire_id' => $hire->id, 'digest' => LinkKey::digestOf($this->key->tokenOf($id)),
                'made_by_id' => $by->id, 'made_at' => CarbonImmutable::now(),
            ]);
            ($this->audit)(AuditKind::HirerLinkMade, $by, (string) $hire->folio);

            return $link;
        });
    }
}
