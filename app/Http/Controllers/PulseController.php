<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** Whether the yard answers and the session still stands, and nothing more: what any request costs at the least. */
final class PulseController
{
    public function __invoke(): Response
    {
        return response()->noContent();
    }
}
