<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Randomizer;

/** Makes bodies out of the API's own schemas, most of them nearly right and some of them wild. */
final class BodyFuzzer
{
    private const STRINGS = [
        '',
        ' ',
        '0',
        '-1',
        '1e309',
        'NaN',
        "O'Brien; --",
        '" or 1=1',
        '../../../etc/passwd',
        '<script>alert(1)</script>',
        '%00',
        "nul\0byte",
        "\u{202e}right to left",
        '𝄞𝄞𝄞',
        "\r\nX-Evil: 1",
        '{"a":1}',
        '2026-13-45',
        '2026-11-25T99:99:99Z',
        '1970-01-01T00:00:00Z',
        '9999-12-31T23:59:59Z',
        'null',
        'stands',
        '${7*7}',
        '{{7*7}}',
    ];

    private const NUMBERS = [0, -1, 1, 2147483648, -2147483649, 9007199254740993, 1.5, 1e300, -0.0, 99999];

    /**
     * @param list<string> $words lines and names that exist, to be mixed in
     * @param list<string> $names ids and digests of things, for members that name one
     */
    public function __construct(
        private readonly \stdClass $document,
        private readonly Randomizer $random,
        private readonly array $words,
        private readonly array $names,
    ) {
    }

    /** A value for a schema: fitting in most parts, and somewhere wrong every other time. */
    public function of(?\stdClass $schema, int $depth = 0): mixed
    {
        if ($schema === null || $depth > 7 || $this->chance(4)) {
            return $this->anything($depth);
        }
        if (isset($schema->{'$ref'})) {
            return $this->of($this->resolve($schema->{'$ref'}), $depth);
        }
        foreach (['oneOf', 'anyOf'] as $either) {
            if (isset($schema->{$either})) {
                return $this->of($this->pick($schema->{$either}), $depth + 1);
            }
        }
        if (isset($schema->enum)) {
            return $this->chance(10) ? $this->anything($depth) : $this->pick($schema->enum);
        }
        if (isset($schema->const)) {
            return $schema->const;
        }
        $type = is_array($schema->type ?? null) ? $this->pick($schema->type) : ($schema->type ?? 'object');

        return match ($type) {
            'object' => $this->object($schema, $depth),
            'array' => array_map(
                fn (): mixed => $this->of($schema->items ?? null, $depth + 1),
                range(1, max(1, $this->random->getInt(0, $this->chance(30) ? 60 : 3))),
            ),
            'string' => $this->string($schema),
            'integer' => $this->chance(8)
                ? $this->pick(self::NUMBERS)
                : $this->random->getInt((int) ($schema->minimum ?? -5), (int) ($schema->maximum ?? 500)),
            'number' => $this->chance(8) ? $this->pick(self::NUMBERS) : $this->random->getInt(-500, 500) / 7,
            'boolean' => $this->chance(2),
            default => null,
        };
    }

    public function word(): string
    {
        return $this->chance(3) ? $this->pick(self::STRINGS) : $this->pick($this->words);
    }

    public function chance(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
    }

    /**
     * @template T
     *
     * @param array<T> $from
     * @return T
     */
    public function pick(array $from): mixed
    {
        return array_values($from)[$this->random->getInt(0, count($from) - 1)];
    }

    private function object(\stdClass $schema, int $depth): \stdClass
    {
        $object = new \stdClass;
        foreach (get_object_vars($schema->properties ?? new \stdClass) as $name => $property) {
            if (in_array($name, $schema->required ?? [], true) ? ! $this->chance(25) : $this->chance(2)) {
                $object->{$name} = $this->of($property, $depth + 1);
            }
        }
        if ($this->chance(25)) {
            $object->{$this->pick(self::STRINGS) ?: 'more'} = $this->anything($depth + 1);
        }

        return $object;
    }

    private function string(\stdClass $schema): string
    {
        return match (true) {
            $this->chance(12) => $this->pick(self::STRINGS),
            $this->chance(60) => str_repeat('long ', 4000),
            ($schema->format ?? '') === 'uuid' && $this->chance(2) => sprintf(
                '0190%04x-0000-7%03x-8000-%012x',
                $this->random->getInt(0, 65535),
                $this->random->getInt(0, 4095),
                $this->random->getInt(0, 1 << 40),
            ),
            ($schema->format ?? '') === 'uuid', str_starts_with($schema->pattern ?? '', '^[0-9a-f]{64}') => $this->pick(
                $this->names,
            ),
            ($schema->format ?? '') === 'date-time' => gmdate(
                'Y-m-d\TH:i:s\Z',
                time() - $this->random->getInt(0, 9000),
            ),
            ($schema->format ?? '') === 'date' => gmdate('Y-m-d', time() + $this->random->getInt(-40, 400) * 86_400),
            isset($schema->pattern) && str_contains($schema->pattern, '\\d') => (string) ($this->random->getInt(
                -100,
                30_000,
            ) / 10),
            default => $this->pick($this->words),
        };
    }

    private function anything(int $depth): mixed
    {
        return match ($this->random->getInt(0, 6)) {
            0 => null,
            1 => $this->chance(2),
            2 => $this->pick(self::NUMBERS),
            3, 4 => $this->word(),
            5 => $depth > 6 ? [] : [$this->anything($depth + 1)],
            default => $depth > 6 ? new \stdClass : (object) [$this->word() ?: 'a' => $this->anything($depth + 1)],
        };
    }

    private function resolve(string $reference): ?\stdClass
    {
        $at = $this->document;
        foreach (explode('/', substr($reference, 2)) as $part) {
            $at = $at->{$part} ?? null;
        }

        return $at instanceof \stdClass ? $at : null;
    }
}
