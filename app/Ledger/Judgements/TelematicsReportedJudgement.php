<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What a machine ran since it reported last, and whether anything in the yard explains it. */
final readonly class TelematicsReportedJudgement implements RecordedJudgement
{
    /** @param  string  $ran  hours as decimal text */
    public function __construct(public string $ran, public bool $inTheYard)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('ran'), $json->flag('in_the_yard'));
    }

    public function record(): array
    {
        return ['ran' => $this->ran, 'in_the_yard' => $this->inTheYard];
    }
}
