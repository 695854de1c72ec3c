<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

use JadeLedger\Core\Verdict\Outcome;

/**
 * Whether a person may take a tag off: after a repair that somebody else made, when everything that it made due stands
 * and nothing else stops the machine. Common practice, no source.
 */
final readonly class MayTagIn
{
    /**
     * @param string|null $repairedBy nobody yet
     * @param list<JudgedLine> $machine every line and finding of the machine
     * @param list<string> $due keys of the lines that the repair made due
     */
    public function __construct(private ?string $repairedBy, private array $machine, private array $due)
    {
    }

    /** What is in the way of this person; nothing when the tag may come off. */
    public function inTheWayOf(string $person): ?NotTaggedIn
    {
        return match (true) {
            $this->repairedBy === null => NotTaggedIn::NotRepaired,
            $this->repairedBy === $person => NotTaggedIn::RepairedByTheSame,
            $this->stops() !== [] => NotTaggedIn::SomethingStops,
            $this->stillDue() !== [] => NotTaggedIn::LinesAreDue,
            default => null,
        };
    }

    /** @return list<JudgedLine> what stops the machine, mended or not */
    public function stops(): array
    {
        return array_values(
            array_filter($this->machine, static fn (JudgedLine $line): bool => $line->outcome === Outcome::Stop),
        );
    }

    /** @return list<JudgedLine> what the repair made due and does not stand yet */
    public function stillDue(): array
    {
        return array_values(
            array_filter(
                $this->machine,
                fn (JudgedLine $line): bool => $line->outcome !== Outcome::Stands &&
                    in_array($line->reference, $this->due, true),
            ),
        );
    }
}
