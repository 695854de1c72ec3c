<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

/**
 * Somebody confirmed at a crossing that they stand by, and nobody has gone since: the next state in which nobody is
 * alone asks for no second confirmation. Common practice, no source.
 */
final readonly class StandingBy
{
    /** For how long it counts that somebody said that they stand by, in minutes. Common practice, no source. */
    public const MINUTES = 15;

    /**
     * @param string $crossing id of the entry in which they confirmed it
     * @param string $person who stands by
     * @param string $beside whom they stand beside
     */
    public function __construct(
        public string $crossing,
        public string $person,
        public string $beside,
        public \DateTimeImmutable $since,
    ) {
    }

    public function until(): \DateTimeImmutable
    {
        return $this->since->modify('+'.self::MINUTES.' minutes');
    }

    public function stillStandsBeside(string $actor, string $second, \DateTimeImmutable $at): bool
    {
        return $this->person === $second
            && $this->beside === $actor
            && $at >= $this->since
            && $at <= $this->until();
    }
}
