<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\AskedLimit;

/** The fields of a model's limits, read from the schema that its file is held against. */
final readonly class LimitFields
{
    /** @param  array<string, \stdClass>  $kinds the schema of each kind of limits */
    private function __construct(private array $kinds)
    {
    }

    public static function from(CatalogueSchema $model): self
    {
        $kinds = [];
        foreach ($model->tree()->properties->limits->additionalProperties->allOf as $case) {
            $kinds[$case->if->properties->kind->const] = $case->then;
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
    private function below(AskedLimit $asked, \stdClass $schema, array $path, bool $isNeeded): array
    {
        $fields = [];
        foreach (get_object_vars($schema->properties) as $key => $property) {
            if ($path === [] && in_array($key, ['kind', 'source'], true)) {
                continue;
            }
            $needed = $isNeeded && in_array($key, $schema->required ?? [], true);
            $here = [...$path, $key];
            if ($property instanceof \stdClass && isset($property->properties)) {
                array_push($fields, ...$this->below($asked, $property, $here, $needed));
            } else {
                $fields[] = new LimitField(
                    implode('.', [$asked->name, ...$here]),
                    $asked->kind,
                    $here,
                    $this->typeOf($property),
                    $property->enum ?? [],
                    $needed,
                );
            }
        }

        return $fields;
    }

    /** @return 'whole_number'|'figure'|'text'|'choice' */
    private function typeOf(\stdClass $property): string
    {
        return match (true) {
            isset($property->enum) => 'choice',
            ($property->type ?? null) === 'integer' => 'whole_number',
            isset($property->pattern) => 'figure',
            default => 'text',
        };
    }
}
