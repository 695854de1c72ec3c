<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** An interval of nothing: what hangs on it would be due at once, for ever. */
final class IntervalIsEmpty extends \InvalidArgumentException
{
}
