<?php

declare(strict_types=1);

namespace JadeLedger\Core;

/**
 * A rule says no: somebody asked for something that cannot be, and the message says why.
 *
 * Whatever does not carry this mark is a mistake of ours.
 */
interface Refusal extends \Throwable
{
}
