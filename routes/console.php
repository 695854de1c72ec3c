<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// At night, so that the plans of one day are made with one pace.
Schedule::command('walks:learn-pace')->dailyAt('02:30');
Schedule::command('photos:forget-uploads')->dailyAt('02:40');
