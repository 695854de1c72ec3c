<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Quantity;

/**
 * The two marks a level has to lie between, and the ends of the scale.
 *
 * All four in one unit, millimetres from the reference of the instrument or litres. The lowest value means: nothing to
 * be seen. Which side of a mark a level on the mark falls: both marks belong to the band.
 */
final readonly class LevelMarks
{
    public function __construct(
        public Quantity $lowest,
        public Quantity $add,
        public Quantity $full,
        public Quantity $highest,
    ) {
        if (! $lowest->isLessThan($add) || ! $add->isLessThan($full) || $highest->isLessThan($full)) {
            throw MarksOutOfOrder::of($this);
        }
    }

    public function position(Quantity $level): LevelPosition
    {
        return match (true) {
            $level->compareTo($this->lowest) <= 0 => LevelPosition::NothingToSee,
            $level->isLessThan($this->add) => LevelPosition::BelowAdd,
            $level->isGreaterThan($this->full) => LevelPosition::AboveFull,
            $level->isLessThan($this->middle()) => LevelPosition::LowerHalf,
            default => LevelPosition::UpperHalf,
        };
    }

    public function middle(): Quantity
    {
        return $this->add->plus($this->full)->dividedBy(2);
    }
}
