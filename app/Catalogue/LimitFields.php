<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use App\Texts;
use JadeLedger\Core\Catalogue\AskedLimit;

/** The fields of a model's limits, read from the schema that its file is held against. */
final readonly class LimitFields
{
    /** @param  array<string, JsonObject>  $kinds the schema of each kind of limits */
    private function __construct(private array $kinds)
    {
    }

    public static function from(CatalogueSchema $model): self
    {
        $kinds = [];
        $limits = JsonObject::of($model->tree())->object('properties')->object('limits');
        foreach ($limits->object('additionalProperties')->objects('allOf') as $case) {
            $kind = $case->object('if')->object('properties')->object('kind')->string('const');
            $kinds[$kind] = $case->object('then');
        }

        return new self($kinds);
    }

    /** @return list<LimitField> in the order in which they are asked for */
    public function of(AskedLimit $asked): array
    {
        return $this->below($asked, $this->kinds[$asked->kind], [], true);
    }

    /**
     * @param list<string> $path
     * @return list<LimitField>
     */
    private function below(AskedLimit $asked, JsonObject $schema, array $path, bool $isNeeded): array
    {
        $fields = [];
        $properties = $schema->object('properties');
        foreach ($properties->names() as $key) {
            $property = $properties->object($key);
            if ($path === [] && in_array($key, ['kind', 'source'], true)) {
                continue;
            }
            $needed = $isNeeded && in_array($key, $schema->strings('required'), true);
            $here = [...$path, $key];
            if ($property->has('properties')) {
                array_push($fields, ...$this->below($asked, $property, $here, $needed));
            } else {
                $fields[] = new LimitField(
                    implode('.', [$asked->name, ...$here]),
                    $asked->kind,
                    $here,
                    $this->typeOf($property),
                    Texts::of($property->list('enum')),
                    $needed,
                );
            }
        }

        return $fields;
    }

    /** @return 'whole_number'|'figure'|'text'|'choice' */
    private function typeOf(JsonObject $property): string
    {
        return match (true) {
            $property->has('enum') => 'choice',
            $property->members('type') === ['integer'] => 'whole_number',
            $property->has('pattern') => 'figure',
            default => 'text',
        };
    }
}
