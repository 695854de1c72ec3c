<?php

declare(strict_types=1);

namespace App\Catalogue;

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
        return json_decode($this->text, false, flags: JSON_THROW_ON_ERROR);
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
        foreach ($formatter->formatFlat($error, static fn (ValidationError $leaf): ValidationError => $leaf) as $leaf) {
            if ($this->saysSomething($leaf)) {
                $path = array_values(array_map(strval(...), $leaf->data()->fullPath()));
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
            'additionalProperties' => ($leaf->schema()->info()->data()->additionalProperties ?? null) === false,
            default => true,
        };
    }

    /** What has to be there instead, in words. */
    private function words(ValidationError $leaf, ErrorFormatter $formatter): string
    {
        $schema = $leaf->schema()->info()->data();

        return match ($leaf->keyword()) {
            'required' => 'lacks '.implode(', ', $leaf->args()['missing'] ?? []),
            'additionalProperties' => 'does not know '.implode(', ', $leaf->args()['properties'] ?? []),
            'enum' => 'has to be one of: '.implode(', ', array_map(strval(...), (array) ($schema->enum ?? []))),
            'type' => 'has to be '.$this->typeInWords($leaf->args()['expected'] ?? ''),
            'pattern' => self::figureInWords((string) ($schema->pattern ?? '')) ?? lcfirst(
                $formatter->formatErrorMessage($leaf),
            ),
            default => lcfirst($formatter->formatErrorMessage($leaf)),
        };
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

    /** @param  string|list<string>  $expected */
    private function typeInWords(string|array $expected): string
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
            array_map(static fn (string $type): string => $words[$type] ?? $type, (array) $expected),
        );
    }
}
