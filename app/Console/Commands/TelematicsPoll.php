<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Telematics\PollTelematics;
use Illuminate\Console\Command;

final class TelematicsPoll extends Command
{
    protected $signature = 'telematics:poll';

    protected $description = 'Ask the provider of telematics what the machines say of themselves';

    public function handle(): int
    {
        if (config('jade.telematics.url') === '') {
            $this->line('No provider is set: TELEMATICS_URL is empty.');

            return self::SUCCESS;
        }
        $result = app(PollTelematics::class)();
        $this->line("{$result->machines} machines, {$result->taken} with news, {$result->aside} put aside.");
        if ($result->failure !== null) {
            $this->error("The provider failed: {$result->failure}");
        }

        return $result->failure === null ? self::SUCCESS : self::FAILURE;
    }
}
