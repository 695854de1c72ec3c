<?php

declare(strict_types=1);

namespace App\Ledger;

/** Who posts an entry. */
enum ActorKind: string
{
    case Person = 'person';
    case System = 'system';
    /** Somebody outside the yard who holds a link to a page of it. What they post never decides anything. */
    case LinkHolder = 'link_holder';
}
