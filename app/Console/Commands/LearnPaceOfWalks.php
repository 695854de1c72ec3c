<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\LearnPace;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Console\Command;

final class LearnPaceOfWalks extends Command
{
    protected $signature = 'walks:learn-pace';

    protected $description = 'Learns how long lines and states take in this yard, from the walks that were done';

    public function handle(LearnPace $learn, CurrentYard $hand): int
    {
        foreach (Yard::query()->orderBy('name')->get() as $yard) {
            $hand->stepInto($yard);
            foreach ($learn() as $family => $pace) {
                $this->line("{$yard->name}, {$family}: {$pace->walks} walks, ".count($pace->seconds).' times');
            }
        }
        $hand->leave();

        return self::SUCCESS;
    }
}
