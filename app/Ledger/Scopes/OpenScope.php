<?php

declare(strict_types=1);

namespace App\Ledger\Scopes;

use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\LiftAStop;
use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Walk;
use App\Models\Yard;
use Illuminate\Support\Facades\DB;

/** Locks the chain of what a batch is posted to. Inside a transaction. */
final readonly class OpenScope
{
    public function __construct(private ContextOfWalk $context, private LiftAStop $lift)
    {
    }

    /** @param  list<mixed>  $batch  decoded JSON, objects as \stdClass */
    public function __invoke(Walk|Hire|Machine|Yard $of, array $batch): PostingScope
    {
        if ($of instanceof Yard) {
            Yard::query()->whereKey($of->id)->lockForUpdate()->firstOrFail();

            return new YardScope($of, self::known($batch));
        }
        $machine = $of instanceof Machine ? $of->id : $of->machine_id;
        // The row is held, and nothing of it is read.
        DB::table('machines')->where('id', $machine)->lockForUpdate()->value('id');

        return match (true) {
            $of instanceof Walk => new WalkScope(
                $of->withoutRelations(),
                self::known($batch),
                $this->context,
                $this->lift,
            ),
            $of instanceof Hire => new HireScope($of->withoutRelations(), self::known($batch)),
            default => new MachineScope($of->withoutRelations(), self::known($batch)),
        };
    }

    /**
     * @param list<mixed> $batch
     * @return array<string, LedgerEntry> by id
     */
    private static function known(array $batch): array
    {
        $ids = array_filter(
            array_map(static fn (mixed $raw): mixed => $raw instanceof \stdClass ? ($raw->id ?? null) : null, $batch),
            static fn (mixed $id): bool => is_string($id) && preg_match('/^[0-9a-f-]{36}$/iD', $id) === 1,
        );

        $known = [];
        foreach (LedgerEntry::query()->whereIn('id', array_values($ids))->get() as $entry) {
            $known[$entry->id] = $entry;
        }

        return $known;
    }
}
