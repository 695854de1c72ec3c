<?php

declare(strict_types=1);

namespace App\Ledger;

/** A kind that the hirer posts who holds the link of a hire. It never decides anything. */
interface PostedByLinkHolder
{
}
