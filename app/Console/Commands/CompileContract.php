<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contract\Contract;
use Illuminate\Console\Command;

final class CompileContract extends Command
{
    protected $signature = 'contract:compile';

    protected $description = "Read the API's description now, and not with the first request that needs it";

    public function handle(Contract $contract): int
    {
        $contract->compile();
        $this->line('Contract compiled.');

        return self::SUCCESS;
    }
}
