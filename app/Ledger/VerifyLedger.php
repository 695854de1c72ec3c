<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Keys\EntrySeal;
use App\Models\Machine;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\ChainedEntry;
use JadeLedger\Core\Ledger\ChainReport;
use JadeLedger\Core\Ledger\EntryColumns;
use JadeLedger\Core\Ledger\HashChain;
use PDO;

/**
 * Walks the chains that are in the ledger, each from its first entry, and holds every column against the text beside
 * it.
 */
final class VerifyLedger
{
    private const ROWS_AT_ONCE = 5000;

    private const COLUMNS = [
        'chain_id',
        'machine_id',
        'id',
        'sequence',
        'body',
        'previous_hash',
        'hash',
        'kind',
        'hire_id',
        'walk_id',
        'actor_id',
        'corrects',
        'recorded_at',
        'received_at',
        'seal',
        'yard_id',
        'actor_kind',
        'actor_name',
        'entered_by',
    ];

    /** @var array<string, int> by chain: the first entry that has a seal */
    private array $sealedFrom = [];

    /** @var array<string, string> by chain: what is wrong with its seals, in words */
    private array $unsealed = [];

    public function __construct(private readonly EntrySeal $seal)
    {
    }

    public function __invoke(Machine $machine): ChainReport
    {
        return HashChain::verify(
            $this->read(self::entries()->where('machine_id', $machine->id)->orderBy('sequence'))[$machine->id] ?? [],
        );
    }

    /**
     * Every chain at once, in the order in which the entries were received: that is how they lie on the disk.
     *
     * @return array<string, ChainReport> by machine or yard, those without an entry left out
     */
    public function all(): array
    {
        $reports = [];
        $last = (int) DB::table('ledger_entries')->max('position');
        for ($from = 1; $from <= $last; $from += self::ROWS_AT_ONCE) {
            foreach (
                $this->read(
                    self::entries()
                        ->whereBetween('position', [$from, $from + self::ROWS_AT_ONCE - 1])
                        ->orderBy('position'),
                ) as $chain => $entries
            ) {
                $reports[$chain] = HashChain::follow($reports[$chain] ?? ChainReport::begun(), $entries);
            }
        }

        return $reports;
    }

    /**
     * Entries that follow well and that the application did not write: their seal is missing or another.
     *
     * @return array<string, string> by machine or yard, in words; of the chains that were walked last
     */
    public function unsealed(): array
    {
        return $this->unsealed;
    }

    private static function entries(): Builder
    {
        return DB::table('ledger_entries')->select(self::COLUMNS);
    }

    /** @return array<string, list<ChainedEntry>> by chain; from bare rows, for a yard has hundreds of thousands of them */
    private function read(Builder $query): array
    {
        $chains = [];
        $statement = DB::connection()->getPdo()->prepare($query->toSql());
        $statement->execute($query->getBindings());
        while (is_array($row = $statement->fetch(PDO::FETCH_NUM))) {
            /**
             * In the order of COLUMNS.
             *
             * @var array{string, ?string, string, int, string, string, string, string, ?string, ?string, ?string,
             *     ?string, string, string, ?string, ?string, ?string, ?string, ?string} $row
             */
            [
                $chain,
                $machine,
                $id,
                $sequence,
                $text,
                $previous,
                $hash,
                $kind,
                $hire,
                $walk,
                $actor,
                $corrects,
                $recorded,
                $received,
                $seal,
                $yard,
                $actorKind,
                $actorName,
                $enteredBy,
            ] = $row;
            $chains[$chain][] = new ChainedEntry($id, $sequence, $text, $previous, $hash, new EntryColumns(
                $machine, $kind, $hire, $walk, $actor, $corrects, self::moment($recorded), self::moment($received),
                $yard, $actorKind, $actorName, $enteredBy,
            ));
            $this->lookAtTheSeal($chain, $id, $sequence, $hash, $seal);
        }

        return $chains;
    }

    /** Entries of before seals were written have none; behind the first that has one, all have. */
    private function lookAtTheSeal(string $chain, string $id, int $sequence, string $hash, ?string $seal): void
    {
        if ($seal === null && ! isset($this->sealedFrom[$chain])) {
            return;
        }
        $this->sealedFrom[$chain] ??= $sequence;
        if ($seal === null || ! hash_equals($this->seal->of($hash), $seal)) {
            $this->unsealed[$chain] ??= "entry {$sequence} ({$id}) was not written by the application.";
        }
    }

    /** As it stands in the text. */
    private static function moment(string $stored): string
    {
        return substr($stored, 0, 10).'T'.substr($stored, 11).'Z';
    }
}
