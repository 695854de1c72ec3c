<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Reading\Validity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/** The verdict on an entry, and whether the reading counted at all. */
final readonly class Judgement
{
    private function __construct(
        public Verdict $verdict,
        public bool $isValid,
        public ?Validity $validity,
        public bool $mayBeReadLater = false,
    ) {
    }

    public static function valid(Verdict $verdict, ?Validity $validity = null): self
    {
        return new self($verdict, true, $validity);
    }

    /** Posted, never silently accepted: the line stays open and is offered again. */
    public static function notValid(Verdict $verdict, ?Validity $validity = null): self
    {
        return new self($verdict, false, $validity);
    }

    /**
     * Not valid, and nobody can do better now: oil in frost. It keeps no state shut, and stays open until it is read
     * again. Common practice, no source.
     */
    public static function toBeReadLater(Verdict $verdict, Validity $validity): self
    {
        return new self($verdict, false, $validity, true);
    }

    /** Answered while the machine was in a state in which the answer means nothing. */
    public static function inAnotherState(Check $check, Stage $present): self
    {
        return self::notValid(Verdict::open(
            new Phrase('reading.wrong_state', ['present' => $present->title, 'required' => $check->needs->title]),
            [], $check->source, new Phrase('reading.again_when', ['required' => $check->needs->title]),
        ));
    }
}
