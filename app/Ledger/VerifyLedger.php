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
    ];

    /** @var array<string, int> by machine: the first entry that has a seal */
    private array $sealedFrom = [];

    /** @var array<string, string> by machine: what is wrong with its seals, in words */
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
     * @return array<string, ChainReport> by machine, those without an entry left out
     */
    public function all(): array
    {
        $reports = [];
        $last = (int) DB::table('ledger_entries')->max('position');
        for ($from = 1; $from <= $last; $from += self::ROWS_AT_ONCE) {
            foreach ($this->read(self::entries()->whereBetween('position', [$from, $from + self::ROWS_AT_ONCE - 1])->orderBy('position')) as $machine => $entries) {
                $reports[$machine] = HashChain::follow($reports[$machine] ?? ChainReport::begun(), $entries);
            }
        }

        return $reports;
    }

    /**
     * Entries that follow well and that the application did not write: their seal is missing or another.
     *
     * @return array<string, string> by machine, in words; of the chains that were walked last
     */
    public function unsealed(): array
    {
        return $this->unsealed;
    }

    private static function entries(): Builder
    {
        return DB::table('ledger_entries')->select(self::COLUMNS);
    }

    /** @return array<string, list<ChainedEntry>> by machine; from bare rows, for a yard has hundreds of thousands of them */
    private function read(Builder $query): array
    {
        $chains = [];
        $statement = DB::connection()->getPdo()->prepare($query->toSql());
        $statement->execute($query->getBindings());
        while (is_array($row = $statement->fetch(PDO::FETCH_NUM))) {
            [
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
            ] = $row;
            $chains[$machine][] = new ChainedEntry($id, $sequence, $text, $previous, $hash, new EntryColumns(
                $machine, $kind, $hire, $walk, $actor, $corrects, self::moment($recorded), self::moment($received),
            ));
            $this->lookAtTheSeal($machine, $id, $sequence, $hash, $seal);
        }

        return $chains;
    }

    /** Entries of before seals were written have none; behind the first that has one, all have. */
    private function lookAtTheSeal(string $machine, string $id, int $sequence, string $hash, ?string $seal): void
    {
        if ($seal === null && ! isset($this->sealedFrom[$machine])) {
            return;
        }
        $this->sealedFrom[$machine] ??= $sequence;
        if ($seal === null || ! hash_equals($this->seal->of($hash), $seal)) {
            $this->unsealed[$machine] ??= "entry {$sequence} ({$id}) was not written by the application.";
        }
    }

    /** As it stands in the text. */
    private static function moment(string $stored): string
    {
        return substr($stored, 0, 10).'T'.substr($stored, 11).'Z';
    }
}
