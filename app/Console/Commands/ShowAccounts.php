<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Presenters\PresentSession;
use Illuminate\Console\Command;

final class ShowAccounts extends Command
{
    protected $signature = 'yard:accounts';

    protected $description = 'Print the demo accounts, while the demo yard is loaded';

    public function handle(): int
    {
        foreach (PresentSession::demoAccounts() as $account) {
            $this->line(
                sprintf(
                    '  %-8s %-10s %-11s %s',
                    $account['login'],
                    $account['password'],
                    $account['role'],
                    $account['name'],
                ),
            );
        }

        return self::SUCCESS;
    }
}
