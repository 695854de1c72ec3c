<?php

declare(strict_types=1);

use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// The interface itself is a static build that the web server hands out under /app.
// The way there names no host: whatever a request says that this one is called, it leads nowhere else.
Route::get('/', static fn (): Response => response('', 302, ['Location' => '/app']));
