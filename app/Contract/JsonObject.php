<?php

declare(strict_types=1);

namespace App\Contract;

/**
 * A decoded JSON object whose shape was held against the contract before; its members by name and type.
 *
 * A member of another type than was checked is a bug and no bad input: UnexpectedJson.
 */
final readonly class JsonObject
{
    /** @param  array<array-key, mixed>  $members */
    private function __construct(private array $members)
    {
    }

    /** @param  \stdClass|array<array-key, mixed>  $decoded */
    public static function of(\stdClass|array $decoded): self
    {
        return new self((array) $decoded);
    }

    /** @throws UnexpectedJson when the text is no JSON object */
    public static function parse(string $text): self
    {
        $decoded = json_decode($text, true, 64);

        return is_array($decoded) ? new self($decoded) : throw new UnexpectedJson('body', 'an object', $decoded);
    }

    public function has(string $name): bool
    {
        return isset($this->members[$name]);
    }

    public function string(string $name): string
    {
        $value = $this->members[$name] ?? null;

        return is_string($value) ? $value : throw new UnexpectedJson($name, 'a text', $value);
    }

    public function optionalString(string $name): ?string
    {
        return $this->has($name) ? $this->string($name) : null;
    }

    public function integer(string $name): int
    {
        $value = $this->members[$name] ?? null;
        // JSON knows one kind of number: 180.0 is a whole one.
        if (is_float($value) && $value === floor($value) && abs($value) < 2 ** 53) {
            return (int) $value;
        }

        return is_int($value) ? $value : throw new UnexpectedJson($name, 'a whole number', $value);
    }

    public function optionalInteger(string $name): ?int
    {
        return $this->has($name) ? $this->integer($name) : null;
    }

    public function number(string $name): float
    {
        $value = $this->members[$name] ?? null;

        return is_int($value) || is_float($value)
            ? (float) $value
            : throw new UnexpectedJson($name, 'a number', $value);
    }

    /** A flag that is not there is not set. */
    public function flag(string $name): bool
    {
        $value = $this->members[$name] ?? false;

        return is_bool($value) ? $value : throw new UnexpectedJson($name, 'true or false', $value);
    }

    /** @return list<string> empty where the member is not there */
    public function strings(string $name): array
    {
        return array_map(
            static fn (mixed $one): string => is_string($one) ? $one : throw new UnexpectedJson($name, 'texts', $one),
            $this->list($name),
        );
    }

    public function object(string $name): self
    {
        $value = $this->members[$name] ?? null;

        return $value instanceof \stdClass || is_array($value)
            ? new self((array) $value)
            : throw new UnexpectedJson($name, 'an object', $value);
    }

    public function optionalObject(string $name): ?self
    {
        return $this->has($name) ? $this->object($name) : null;
    }

    /** @return list<self> empty where the member is not there */
    public function objects(string $name): array
    {
        return array_map(
            static fn (mixed $one): self => $one instanceof \stdClass || is_array($one)
                ? new self((array) $one)
                : throw new UnexpectedJson($name, 'objects', $one),
            $this->list($name),
        );
    }

    /** @return list<mixed> empty where the member is not there */
    public function list(string $name): array
    {
        $value = $this->members[$name] ?? [];

        return is_array($value) ? array_values($value) : throw new UnexpectedJson($name, 'a list', $value);
    }

    /** @return list<mixed> of a list its members, of anything else that alone; empty where it is not there */
    public function members(string $name): array
    {
        return array_key_exists($name, $this->members) ? array_values((array) $this->members[$name]) : [];
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->members));
    }

    /** @return array<string, mixed> the members by name */
    public function byName(): array
    {
        return array_combine($this->names(), $this->members);
    }

    /** @return array<string, string> the members by name, where each is a text */
    public function textsByName(): array
    {
        $texts = [];
        foreach ($this->names() as $name) {
            $texts[$name] = $this->string($name);
        }

        return $texts;
    }

    /** @return list<list<string>> empty where the member is not there */
    public function listsOfStrings(string $name): array
    {
        return array_map(
            static fn (mixed $one): array => self::of(['texts' => $one])->strings('texts'),
            $this->list($name),
        );
    }

    /** @return array<array-key, mixed> */
    public function toArray(): array
    {
        return $this->members;
    }
}
