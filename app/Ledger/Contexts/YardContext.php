<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Ledger\Actor;
use App\Models\Yard;

/** What an entry of the yard itself is judged against. */
final readonly class YardContext
{
    public function __construct(public Yard $yard, public Actor $actor)
    {
    }
}
