<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Sentence;

/** Marks that were written down do not rise; no rule's no, but a mistake in what was entered of the model. */
final class MarksOutOfOrder extends \DomainException
{
    private function __construct(string $message, public readonly Sentence $why)
    {
        parent::__construct($message);
    }

    public static function of(LevelMarks $marks): self
    {
        $figures = [
            'lowest' => $marks->lowest->text(),
            'add' => $marks->add->text(),
            'full' => $marks->full->text(),
            'highest' => $marks->highest->text(),
            'unit' => $marks->add->unit->value,
        ];

        return new self(
            vsprintf(
                'The marks of a level must rise: lowest %s, add %s, full %s, highest %s %s.',
                array_values($figures),
            ),
            new Sentence('marks_out_of_order', $figures),
        );
    }
}
