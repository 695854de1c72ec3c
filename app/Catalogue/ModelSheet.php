<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use App\Texts;
use Illuminate\Support\Arr;

/** A model as it is written on a sheet: plain words and figures, before anything of it was looked at. */
final readonly class ModelSheet
{
    /**
     * @param list<string> $features
     * @param array<string, string> $limits by the names of the fields
     * @param string $source where the limits come from, in words
     */
    public function __construct(
        public string $family,
        public string $maker,
        public string $name,
        public string $describes,
        public string $massKilograms,
        public array $features,
        public string $source,
        public array $limits,
    ) {
    }

    /** The name by which machines refer to the model. */
    public function id(): string
    {
        $plain = strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '_', $this->maker.'_'.$this->name));

        return substr(trim((string) preg_replace('/^[^a-z]+/', '', $plain), '_'), 0, 80);
    }

    /**
     * The same model as a file of the catalogue would hold it.
     *
     * @param list<LimitField> $fields
     * @return array<string, mixed>
     */
    public function tree(array $fields): array
    {
        $limits = [];
        foreach ($fields as $field) {
            $entered = trim($this->limits[$field->name] ?? '');
            if ($entered !== '') {
                [$limit] = explode('.', $field->name);
                $limits[$limit] ??= [
                    'kind' => $field->kind,
                    'source' => ['kind' => $field->kind === 'count' ? 'house_rule' : 'maker', 'words' => $this->source],
                ];
                data_set($limits[$limit], implode('.', $field->path), $field->value($entered));
            }
        }

        return [
            'id' => $this->id(),
            'family' => $this->family,
            'maker' => $this->maker,
            'name' => $this->name,
            'describes' => $this->describes,
            'mass_kg' => ctype_digit($this->massKilograms) ? (int) $this->massKilograms : $this->massKilograms,
            'features' => $this->features,
            'limits' => $limits,
        ];
    }

    /**
     * The sheet of a model that is kept, to be corrected or carried elsewhere.
     *
     * @param array<string, mixed> $tree
     */
    public static function of(array $tree): self
    {
        $flat = [];
        $source = '';
        $model = JsonObject::of($tree);
        $limits = $model->object('limits');
        foreach ($limits->names() as $name) {
            $limit = $limits->object($name);
            $source = $source === '' ? $limit->object('source')->string('words') : $source;
            $own = Arr::dot(array_diff_key($limit->byName(), ['kind' => true, 'source' => true]));
            foreach (array_combine(array_keys($own), Texts::of($own)) as $path => $value) {
                $flat["{$name}.{$path}"] = $value;
            }
        }

        return new self(
            $model->string('family'),
            $model->string('maker'),
            $model->string('name'),
            $model->string('describes'),
            (string) $model->integer('mass_kg'),
            $model->strings('features'),
            $source,
            $flat,
        );
    }
}
