<?php

declare(strict_types=1);

namespace JadeLedger\Core\Verdict;

use JadeLedger\Core\Source\Source;

/** A judgement with its reason, its working and the authority it stands on. */
final readonly class Verdict
{
    /** @param  list<string>  $working the arithmetic, line by line, in figures that need no language */
    private function __construct(
        public Outcome $outcome,
        public Phrase $reason,
        public ?Phrase $act,
        public array $working,
        public Source $source,
        public ?TopUp $topUp = null,
        public bool $isDisputed = false,
    ) {
    }

    /** @param  list<string>  $working */
    public static function stands(Phrase $reason, array $working, Source $source, ?Phrase $act = null): self
    {
        return new self(Outcome::Stands, $reason, $act, $working, $source);
    }

    /** @param  list<string>  $working */
    public static function attend(
        Phrase $reason,
        array $working,
        Source $source,
        ?Phrase $act = null,
        ?TopUp $topUp = null,
    ): self {
        return new self(Outcome::Attend, $reason, $act, $working, $source, $topUp);
    }

    /** @param  list<string>  $working */
    public static function stop(
        Phrase $reason,
        array $working,
        Source $source,
        ?Phrase $act = null,
        ?TopUp $topUp = null,
    ): self {
        return new self(Outcome::Stop, $reason, $act, $working, $source, $topUp);
    }

    /** @param  list<string>  $working */
    public static function open(Phrase $reason, array $working, Source $source, ?Phrase $act = null): self
    {
        return new self(Outcome::Open, $reason, $act, $working, $source);
    }

    /** The same verdict with another thing to do first. */
    public function after(Phrase $act): self
    {
        return new self(
            $this->outcome,
            $this->reason,
            $act,
            $this->working,
            $this->source,
            $this->topUp,
            $this->isDisputed,
        );
    }

    /**
     * A reading that contradicts what is known: posted with its reason, and looked into before it counts.
     *
     * @param list<string> $working
     */
    public static function disputed(Phrase $reason, array $working, Source $source, Phrase $act): self
    {
        return new self(Outcome::Attend, $reason, $act, $working, $source, null, true);
    }
}
