<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;

/** Something that is handed out with a machine and counted back: no part of it, and no line of its walk. */
final readonly class CountedThing
{
    /** Before its id in a line of the spread, so that no check is taken for it. */
    public const LINE = 'thing:';

    /** @param  bool  $isMarked whether each piece has a number of its own, which is written down */
    public function __construct(
        public string $id,
        public string $name,
        public Applicability $applies,
        public bool $isMarked,
    ) {
    }

    /** The key of its line in the spread of a hire. */
    public function line(): string
    {
        return self::LINE.$this->id;
    }
}
