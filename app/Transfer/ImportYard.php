<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Actions\StorePhoto;
use App\Keys\EntrySeal;
use App\Ledger\RebuildProjections;
use App\Ledger\Verification\VerificationDepth;
use App\Ledger\Verification\VerificationReport;
use App\Ledger\Verification\VerifyEverything;
use App\Texts;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/**
 * Reads a yard into an installation that has none. All or nothing: its chains have to hold, and what follows from them
 * is made again. Nobody who came along has a password; a lead is added by the command line.
 */
final readonly class ImportYard
{
    private const ROWS_AT_ONCE = 200;

    public function __construct(
        private RebuildProjections $rebuild,
        private VerifyEverything $verify,
        private EntrySeal $seal,
    ) {
    }

    /** @throws TransferFault */
    public function __invoke(string $path): VerificationReport
    {
        if (DB::table('yards')->exists() || DB::table('users')->exists()) {
            throw new TransferFault(
                'There is a yard here already. A yard is read into an installation that has none: bin/start --empty, '
                    .'or a new database.',
            );
        }
        $folder = YardFolder::checked($path);
        $folder->manifest();
        $this->photos($folder);

        return DB::transaction(function () use ($folder): VerificationReport {
            $locked = Hash::make(Str::random(40));
            foreach (YardTable::cases() as $table) {
                $this->table($folder, $table, $locked);
            }
            // Before anything is made from them: what does not hold is not read any further.
            $this->mustHold(($this->verify)(VerificationDepth::Chains));
            ($this->rebuild)();

            return $this->mustHold(($this->verify)(VerificationDepth::Deep));
        });
    }

    private function mustHold(VerificationReport $report): VerificationReport
    {
        if (! $report->holds()) {
            throw new TransferFault(
                'Nothing was taken, for it does not hold: '.implode(' ', array_slice($report->faults, 0, 5)),
            );
        }

        return $report;
    }

    private function table(YardFolder $folder, YardTable $table, string $locked): void
    {
        $columns = Texts::of(Schema::getColumnListing($table->value));
        $rows = [];
        foreach ($folder->readTable($table) as $line => $row) {
            $unknown = array_diff(array_keys($row), $columns, $table->leftOut());
            if ($unknown !== [] || array_intersect(array_keys($row), $table->leftOut()) !== []) {
                throw new TransferFault(
                    "tables/{$table->value}.jsonl, line {$line}: a column that does not come in: "
                        .implode(', ', $unknown).'.',
                );
            }
            $rows[] = $row + match ($table) {
                YardTable::Users => ['password' => $locked],
                // Its own seal, for only this installation has the key: the chains are held against each other below.
                YardTable::LedgerEntries => [
                    'seal' => $this->seal->of(is_string($row['hash'] ?? null) ? $row['hash'] : ''),
                ],
                default => [],
            };
            if (count($rows) === self::ROWS_AT_ONCE) {
                self::insert($table, $rows);
                $rows = [];
            }
        }
        self::insert($table, $rows);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function insert(YardTable $table, array $rows): void
    {
        try {
            if ($rows !== []) {
                DB::table($table->value)->insert($rows);
            }
        } catch (QueryException $fault) {
            throw new TransferFault("tables/{$table->value}.jsonl: {$fault->getMessage()}", previous: $fault);
        }
    }

    /** Before the rows: a photo that nobody names yet harms nobody. */
    private function photos(YardFolder $folder): void
    {
        $disk = Storage::disk('photos');
        foreach ($folder->readTable(YardTable::Photos) as $row) {
            $sha256 = is_string($row['sha256'] ?? null) ? $row['sha256'] : '';
            if (preg_match('/^[0-9a-f]{64}$/D', $sha256) !== 1) {
                throw new TransferFault('tables/photos.jsonl: a photo without its digest.');
            }
            foreach (['', 'small-'] as $size) {
                $bytes = $folder->readPhoto("{$size}{$sha256}.jpg");
                if ($bytes !== null) {
                    $disk->put(StorePhoto::path($sha256, $size), $bytes);
                }
            }
        }
    }
}
