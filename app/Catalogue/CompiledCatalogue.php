<?php

declare(strict_types=1);

namespace App\Catalogue;

/**
 * The catalogue as one tree of plain values: what is cached, stored with each walk, and built into typed objects.
 */
final readonly class CompiledCatalogue
{
    /** @param  array<string, array<string, mixed>>  $trees by file name */
    private function __construct(public string $version, public array $trees)
    {
    }

    /** @param  array<string, array<string, mixed>>  $trees */
    public static function fromFiles(array $trees): self
    {
        ksort($trees);

        return new self(hash('sha256', json_encode($trees, JSON_THROW_ON_ERROR)), $trees);
    }

    /**
     * The same catalogue in a yard that made its own choices; another version of it, where they differ from the files.
     *
     * @param array<string, string> $choices values of house rules, by rule
     */
    public function withChoices(array $choices): self
    {
        /** @var array{'rules/house.yaml': array{rules: array<string, array{value: string|int}>}} $files */
        $files = $this->trees;
        $rules = $files['rules/house.yaml']['rules'];
        foreach (array_intersect_key($choices, $rules) as $rule => $value) {
            $rules[$rule]['value'] = is_int($rules[$rule]['value']) ? (int) $value : $value;
        }
        $trees = array_replace(
            $this->trees,
            ['rules/house.yaml' => ['rules' => $rules] + $this->trees['rules/house.yaml']],
        );

        return $trees === $this->trees ? $this : $this->changedTo($trees, $choices);
    }

    /**
     * The same catalogue in a yard that knows how fast it walks.
     *
     * @param array<string, array{seconds: array<string, int>, walks: int}> $paces by family
     */
    public function withPaces(array $paces): self
    {
        return $paces === [] ? $this : $this->changedTo(['paces' => $paces] + $this->trees, $paces);
    }

    /**
     * The same catalogue with the models that a yard wrote down itself; those of the files are left as they are.
     *
     * @param array<string, array<string, mixed>> $models trees by model id
     */
    public function withModels(array $models): self
    {
        $trees = $this->trees;
        foreach ($models as $id => $tree) {
            $trees["models/{$id}.yaml"] ??= $tree;
        }

        return $trees === $this->trees ? $this : $this->changedTo($trees, $models);
    }

    /** @param  array<string, array<string, mixed>>  $trees */
    public static function stored(string $version, array $trees): self
    {
        return new self($version, $trees);
    }

    /**
     * Another version of the catalogue: named after this one and what was changed, for the whole is too large to be
     * hashed at every request.
     *
     * @param array<string, array<string, mixed>> $trees
     * @param array<string, mixed> $change
     */
    private function changedTo(array $trees, array $change): self
    {
        ksort($change);

        return new self(hash('sha256', $this->version.json_encode($change, JSON_THROW_ON_ERROR)), $trees);
    }
}
