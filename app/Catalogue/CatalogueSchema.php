<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use App\Texts;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** One JSON Schema of the catalogue. */
final readonly class CatalogueSchema
{
    private function __construct(private string $name, private string $text)
    {
    }

    public static function named(string $folder, string $name): self
    {
        return new self($name, (string) file_get_contents("{$folder}/schema/{$name}.schema.json"));
    }

    public function tree(): \stdClass
    {
        $tree = json_decode($this->text, false, flags: JSON_THROW_ON_ERROR);

        return $tree instanceof \stdClass ? $tree : throw new \LogicException("{$this->name} is no schema.");
    }

    /** @return list<SchemaFault> */
    public function faultsOf(mixed $tree): array
    {
        $validator = new Validator;
        $validator->setMaxErrors(20);
        $error = $validator->validate(json_decode((string) json_encode($tree)), $this->text)->error();
        if ($error === null) {
            return [];
        }
        $faults = [];
        $formatter = new ErrorFormatter;
        /** @var list<ValidationError> $leaves */
        $leaves = $formatter->formatFlat($error, static fn (ValidationError $leaf): ValidationError => $leaf);
        foreach ($leaves as $leaf) {
            if ($this->saysSomething($leaf)) {
                $path = Texts::of($leaf->data()->fullPath());
                $faults[] = new SchemaFault($path, $this->words($leaf, $formatter));
            }
        }

        return $faults === [] ? [new SchemaFault([], "does not match {$this->name}.schema.json")] : $faults;
    }

    /** Some errors only say that something further down does not fit. */
    private function saysSomething(ValidationError $leaf): bool
    {
        return match ($leaf->keyword()) {
            'allOf', 'then', 'if', 'properties', 'items', '$ref' => false,
            'additionalProperties' => self::schemaOf($leaf)->members('additionalProperties') === [false],
            default => true,
        };
    }

    /** What has to be there instead, in words. */
    private function words(ValidationError $leaf, ErrorFormatter $formatter): string
    {
        $schema = self::schemaOf($leaf);
        $told = JsonObject::of($leaf->args());

        return match ($leaf->keyword()) {
            'required' => 'lacks '.implode(', ', $told->strings('missing')),
            'additionalProperties' => 'does not know '.implode(', ', $told->strings('properties')),
            'enum' => 'has to be one of: '.implode(', ', Texts::of($schema->list('enum'))),
            'type' => 'has to be '.$this->typeInWords($told->members('expected')),
            'pattern' => self::figureInWords($schema->optionalString('pattern') ?? '') ?? lcfirst(
                $formatter->formatErrorMessage($leaf),
            ),
            default => lcfirst($formatter->formatErrorMessage($leaf)),
        };
    }

    private static function schemaOf(ValidationError $leaf): JsonObject
    {
        $schema = $leaf->schema()->info()->data();

        return JsonObject::of($schema instanceof \stdClass ? $schema : []);
    }

    private static function figureInWords(string $pattern): ?string
    {
        return match (true) {
            ! str_contains($pattern, '[0-9]+(') => null,
            str_starts_with($pattern, '^(?=.*[1-9])') => 'has to be a figure above nought, such as 12 or 3.5',
            str_starts_with($pattern, '^[0-9]') => 'has to be a figure that is not below nought, such as 0 or 3.5',
            default => 'has to be a figure, such as 12 or 3.5',
        };
    }

    /** @param  list<mixed>  $expected */
    private function typeInWords(array $expected): string
    {
        $words = [
            'integer' => 'a whole number',
            'string' => 'text (a figure stands in quotes)',
            'object' => 'a group of keys',
            'array' => 'a list',
            'boolean' => 'true or false',
            'number' => 'a number',
        ];

        return implode(
            ' or ',
            array_map(static fn (string $type): string => $words[$type] ?? $type, Texts::of($expected)),
        );
    }
}
