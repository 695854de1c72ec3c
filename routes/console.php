<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// At night, so that the plans of one day are made with one pace.
Schedule::command('walks:learn-pace')->dailyAt('02:30');
Schedule::command('ledger:checkpoint')->dailyAt('01:30');
Schedule::command('ledger:verify --deep --record')->dailyAt('01:40');
Schedule::command('photos:forget-uploads')->dailyAt('02:40');
