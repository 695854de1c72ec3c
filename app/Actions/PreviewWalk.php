<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Hire;
use App\Models\User;
use App\Presenters\PresentWalk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Catalogue\Movement;

/** The walk that a movement would have if it were opened now, for a tablet that will be out of reach: opened, read, and taken back. */
final readonly class PreviewWalk
{
    public function __construct(private OpenWalk $open, private PresentWalk $present)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(Hire $hire, Movement $movement, User $reader): array
    {
        DB::beginTransaction();
        try {
            return $this->present->whole(($this->open)($hire, $movement, (string) Str::uuid7(), CarbonImmutable::now(), $reader), $reader);
        } finally {
            DB::rollBack();
        }
    }
}
