<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** The day of the daily list to which a tick belongs, on the yard's clock. */
final readonly class DutyDayJudgement implements RecordedJudgement
{
    /** @param  string  $name  of the point, in English */
    public function __construct(public string $day, public string $name)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('day'), $json->string('name'));
    }

    public function record(): array
    {
        return ['day' => $this->day, 'name' => $this->name];
    }
}
