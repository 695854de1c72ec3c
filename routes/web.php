<?php

declare(strict_types=1);

use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Route;

// The interface itself is a static build that the web server hands out under /app.
Route::get('/', static fn (): RedirectResponse => redirect('/app'));
