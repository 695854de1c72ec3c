<?php

declare(strict_types=1);

namespace JadeLedger\Core\Equipment;

/** Why something applies to a machine, or why it does not: told by the features that decide. */
final readonly class Reason
{
    /**
     * @param list<string> $by features that the machine has and that are asked for; none when everything is concerned
     * @param list<string> $lacking features that are asked for and missing
     * @param list<string> $hindering features that rule it out
     */
    public function __construct(public array $by, public array $lacking, public array $hindering)
    {
    }

    public function applies(): bool
    {
        return $this->lacking === [] && $this->hindering === [];
    }
}
