<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Catalogue\CatalogueIsFaulty;
use App\Catalogue\CatalogueRepository;
use Illuminate\Console\Command;

final class CompileCatalogue extends Command
{
    protected $signature = 'catalogue:compile';

    protected $description = 'Read, check and compile the catalogue; a faulty one leaves the last good copy in use';

    public function handle(CatalogueRepository $shelf): int
    {
        try {
            $this->line('Catalogue '.substr($shelf->compile(), 0, 12).' compiled.');
        } catch (CatalogueIsFaulty $faulty) {
            $this->error($faulty->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
