<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DemoYardSeeder;
use Illuminate\Console\Command;

final class SeedDemoYard extends Command
{
    protected $signature = 'yard:seed-demo';

    protected $description = 'Seed Tern Quay Hire, the demo yard, when the database is empty';

    public function handle(): int
    {
        if (User::query()->exists()) {
            $this->line('The yard has people already; nothing was seeded.');

            return self::SUCCESS;
        }

        return $this->call('db:seed', ['--class' => DemoYardSeeder::class, '--force' => true]);
    }
}
