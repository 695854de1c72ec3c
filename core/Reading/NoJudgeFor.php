<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

final class NoJudgeFor extends \LogicException
{
    public static function limits(Limits $limits): self
    {
        return new self('No reading kind judges limits of type '.$limits::class.'.');
    }
}
