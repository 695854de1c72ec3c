<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// Where several nodes have a schedule, one of them runs each of these.
// At night, so that the plans of one day are made with one pace.
Schedule::command('walks:learn-pace')->dailyAt('02:30')->onOneServer();
Schedule::command('ledger:checkpoint')->dailyAt('01:30')->onOneServer();
Schedule::command('ledger:verify --deep --record')->dailyAt('01:40')->onOneServer();
Schedule::command('photos:forget-uploads')->dailyAt('02:40')->onOneServer();
Schedule::command('service:forecast')->everyFiveMinutes()->onOneServer()->withoutOverlapping();
Schedule::command('telematics:poll')->everyFifteenMinutes()->onOneServer()->withoutOverlapping()
    ->when(static fn (): bool => config('jade.telematics.url') !== '');
