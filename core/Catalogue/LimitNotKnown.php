<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Refusal;

final class LimitNotKnown extends \DomainException implements Refusal
{
    public static function ofModel(string $model, string $limit): self
    {
        return new self("The model '{$model}' has no limits for '{$limit}'. Enter them from the maker's manual; they are not guessed.");
    }
}
