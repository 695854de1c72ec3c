<?php

declare(strict_types=1);

namespace Tests\Support;

/** Worked examples of published standards, from tests/data/published-values.json. */
final class PublishedValues
{
    /**
     * @return array<string, array{array<string, mixed>, mixed}> inputs and expected, by "id: source"
     */
    public static function examples(string ...$ids): array
    {
        $cases = [];
        foreach (self::entries() as $entry) {
            if (! in_array($entry['id'], $ids, true)) {
                continue;
            }
            foreach ($entry['examples'] as $example) {
                $cases["{$example['id']}: {$entry['source']}"] = [$example['inputs'], $example['expected']];
            }
        }
        if ($cases === []) {
            throw new \LogicException('No published values under '.implode(', ', $ids));
        }

        return $cases;
    }

    /** @return list<array<string, mixed>> */
    public static function entries(): array
    {
        return json_decode(
            (string) file_get_contents(__DIR__.'/../data/published-values.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        )['entries'];
    }
}
