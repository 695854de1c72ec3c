<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

final class MarksOutOfOrder extends \DomainException
{
    public static function of(LevelMarks $marks): self
    {
        return new self(
            sprintf(
                'The marks of a level must rise: lowest %s, add %s, full %s, highest %s %s.',
                $marks->lowest->text(),
                $marks->add->text(),
                $marks->full->text(),
                $marks->highest->text(),
                $marks->add->unit->value,
            ),
        );
    }
}
