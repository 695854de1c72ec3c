<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** How long one line of a walk, or one change of state, took once; without the way there. */
final readonly class StepTaken
{
    private function __construct(public string $of, public float $seconds)
    {
    }

    public static function line(string $checkId, float $seconds): self
    {
        return new self(Pace::check($checkId), $seconds);
    }

    public static function crossing(string $stageId, float $seconds): self
    {
        return new self(Pace::stage($stageId), $seconds);
    }
}
