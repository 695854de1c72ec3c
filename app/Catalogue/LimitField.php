<?php

declare(strict_types=1);

namespace App\Catalogue;

/** One figure or word of a model's limits, as a form or a column asks for it. */
final readonly class LimitField
{
    /**
     * @param string $name the limit and the path in it, joined by full stops
     * @param string $kind of limits
     * @param list<string> $path below the limit
     * @param 'whole_number'|'figure'|'text'|'choice' $type
     * @param list<string> $choices
     * @param bool $isNeeded whether the limit is incomplete without it
     */
    public function __construct(
        public string $name,
        public string $kind,
        public array $path,
        public string $type,
        public array $choices,
        public bool $isNeeded,
    ) {
    }

    /**
     * What is entered as the catalogue's files hold it: a whole number as a number, a figure as text, to lose no
     * digit.
     */
    public function value(string $entered): int|string
    {
        return $this->type === 'whole_number' && preg_match('/^-?\d{1,9}$/', $entered) === 1
            ? (int) $entered
            : $entered;
    }
}
