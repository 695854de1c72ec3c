<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Ledger\Actor;
use App\Models\Hire;

/** What an entry of a hire is judged against. */
final readonly class HireContext
{
    public function __construct(public Hire $hire, public Actor $actor)
    {
    }
}
