<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Actions\StorePhoto;
use App\Contract\JsonObject;
use App\Keys\CheckpointKey;
use App\Ledger\Verification\VerificationDepth;
use App\Ledger\Verification\VerificationReport;
use App\Ledger\Verification\VerifyEverything;
use App\Models\Yard;
use App\Setting;
use App\Texts;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Writes everything of a yard into a folder, as it stands at one moment. Secrets stay: people come in anew. */
final readonly class ExportYard
{
    public function __construct(private VerifyEverything $verify, private CheckpointKey $key)
    {
    }

    /** @throws TransferFault */
    public function __invoke(Yard $yard, string $path): VerificationReport
    {
        $folder = YardFolder::made($path);

        return DB::transaction(function () use ($yard, $folder): VerificationReport {
            $counts = [];
            foreach (YardTable::cases() as $table) {
                $counts[$table->value] = $folder->writeTable($table, self::rows($table, $yard->id));
            }
            $photos = $this->photos($yard->id, $folder);
            $report = ($this->verify)(VerificationDepth::Chains);
            $folder->close([
                'format' => YardFolder::FORMAT,
                'yard' => $yard->name,
                'at' => CarbonImmutable::now()->utc()->format('Y-m-d\TH:i:s\Z'),
                'rows' => $counts,
                'photos' => $photos,
                // Whoever has checkpoints of this installation checks them with it.
                'checkpoint_key' => $this->key->publicKey(),
                'backup_key' => self::backupKey(),
                'faults' => $report->faults,
            ]);

            return $report;
        });
    }

    /** @return \Generator<array<string, mixed>> */
    private static function rows(YardTable $table, string $yardId): \Generator
    {
        foreach ($table->rowsOf($yardId)->cursor() as $row) {
            yield array_diff_key(JsonObject::of($row)->byName(), array_flip($table->leftOut()));
        }
    }

    private function photos(string $yardId, YardFolder $folder): int
    {
        $disk = Storage::disk('photos');
        $count = 0;
        foreach (Texts::of(YardTable::Photos->rowsOf($yardId)->pluck('sha256')) as $sha256) {
            foreach (['', 'small-'] as $size) {
                $bytes = $disk->get(StorePhoto::path($sha256, $size));
                if ($bytes !== null) {
                    $folder->writePhoto("{$size}{$sha256}.jpg", $bytes);
                    $count++;
                }
            }
        }

        return $count;
    }

    private static function backupKey(): ?string
    {
        $file = Setting::text('jade.keys_folder').'/backup.pub';

        return is_file($file) ? (string) file_get_contents($file) : null;
    }
}
