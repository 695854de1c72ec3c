<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class LimitNotKnown extends Refused
{
    public static function ofModel(string $model, string $limit): self
    {
        return new self(
            "The model \"{$model}\" has no limits for \"{$limit}\". "
                ."Enter them from the maker's manual; they are not guessed.",
            new Sentence('limit_not_known', ['model' => $model, 'limit' => $limit]),
        );
    }
}
