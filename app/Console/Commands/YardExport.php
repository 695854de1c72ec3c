<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Yard;
use App\Texts;
use App\Transfer\ExportYard;
use App\Transfer\TransferFault;
use Illuminate\Console\Command;

final class YardExport extends Command
{
    protected $signature = 'yard:export
        {folder : one that is not there yet}
        {--yard= : the name of the yard, where there are several}';

    protected $description = 'Write everything of a yard as JSON Lines, photos and checksums; no passwords';

    public function handle(ExportYard $export): int
    {
        $name = $this->option('yard');
        $yard = is_string($name) ? Yard::query()->where('name', $name)->first() : Yard::ofTheSettings();
        if ($yard === null) {
            $this->error(
                'There is no yard of this name. One of: '.Yard::query()->orderBy('name')->pluck('name')->implode(', '),
            );

            return self::INVALID;
        }
        try {
            $report = $export($yard, rtrim(implode('', Texts::of((array) $this->argument('folder'))), '/'));
        } catch (TransferFault $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        array_map($this->error(...), $report->faults);
        $this->line("{$yard->name} is written out.");

        return $report->holds() ? self::SUCCESS : self::FAILURE;
    }
}
