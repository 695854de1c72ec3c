<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** One way to ask, with the right answer and wrong ones that people give. */
final readonly class QuestionForm
{
    /** The answers are numbered: the right one is this. */
    public const RIGHT = 0;

    /** @param  list<WrongAnswer>  $wrong numbered from 1 */
    public function __construct(public string $ask, public string $right, public array $wrong)
    {
    }

    /** What an answer says; none where there is no such answer. */
    public function answer(int $number): ?string
    {
        return $number === self::RIGHT ? $this->right : ($this->wrong[$number - 1] ?? null)?->say;
    }
}
