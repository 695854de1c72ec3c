<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\LearnPace;
use Illuminate\Console\Command;

final class LearnPaceOfWalks extends Command
{
    protected $signature = 'walks:learn-pace';

    protected $description = 'Learns how long lines and states take in this yard, from the walks that were done';

    public function handle(LearnPace $learn): int
    {
        foreach ($learn() as $family => $pace) {
            $this->line("{$family}: {$pace->walks} walks, ".count($pace->seconds).' times');
        }

        return self::SUCCESS;
    }
}
