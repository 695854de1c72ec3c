<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Payloads\Payload;

/**
 * A kind that keeps what a customer was told or asked, and moves nothing else: no line, no standing, nobody who walks.
 *
 * @template P of Payload
 *
 * @extends EntryOfWalk<P>
 */
interface TellsTheCustomer extends EntryOfWalk
{
}
