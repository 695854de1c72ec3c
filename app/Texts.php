<?php

declare(strict_types=1);

namespace App;

/** A column of texts as the database gives it. */
final class Texts
{
    /**
     * @param iterable<mixed> $values
     * @return list<string>
     */
    public static function of(iterable $values): array
    {
        $texts = [];
        foreach ($values as $value) {
            $texts[] = is_scalar($value) ? (string) $value : throw new \LogicException('A column holds no texts.');
        }

        return $texts;
    }
}
