<?php

declare(strict_types=1);

namespace App\Ledger;

/** A kind of entry that changes one line of the walk, and neither the walk itself nor its hire. */
interface AnswersALine extends EntryKind
{
}
