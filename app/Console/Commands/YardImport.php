<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Texts;
use App\Transfer\ImportYard;
use App\Transfer\TransferFault;
use Illuminate\Console\Command;

final class YardImport extends Command
{
    protected $signature = 'yard:import {folder : as yard:export wrote it}';

    protected $description = 'Read a yard into an installation that has none; its chains have to hold';

    public function handle(ImportYard $import): int
    {
        try {
            $report = $import(rtrim(implode('', Texts::of((array) $this->argument('folder'))), '/'));
        } catch (TransferFault $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line("{$report->chains} chains hold, {$report->entries} entries read. Add a lead now: yard:add-lead");

        return self::SUCCESS;
    }
}
