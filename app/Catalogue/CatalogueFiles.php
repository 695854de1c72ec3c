<?php

declare(strict_types=1);

namespace App\Catalogue;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/**
 * Reads the YAML files of the catalogue and holds each against its JSON Schema.
 *
 * @phpstan-type Tree array<string, mixed>
 */
final readonly class CatalogueFiles
{
    /** Folder or file below the catalogue, and the schema that it is held against. */
    private const SCHEMAS = [
        'features.yaml' => 'features',
        'states/stages.yaml' => 'stages',
        'states/needs.yaml' => 'needs',
        'conditions.yaml' => 'conditions',
        'findings.yaml' => 'findings',
        'rules/house.yaml' => 'rules',
        'rules/stated.yaml' => 'stated',
        'checks/*.yaml' => 'checks',
        'families/*.yaml' => 'family',
        'models/*.yaml' => 'model',
        'briefings/*.yaml' => 'briefing',
    ];

    public function __construct(private string $folder)
    {
    }

    /**
     * @return array<string, Tree> the content of each file by its path below the catalogue folder
     *
     * @throws CatalogueIsFaulty with every mistake that was found
     */
    public function read(): array
    {
        $faults = [];
        $trees = [];
        foreach (self::SCHEMAS as $pattern => $schema) {
            $files = glob("{$this->folder}/{$pattern}") ?: [];
            foreach ($files as $file) {
                $name = substr($file, strlen($this->folder) + 1);
                try {
                    $tree = Yaml::parseFile($file);
                } catch (ParseException $mistake) {
                    $faults[] = new CatalogueFault($name, 'line '.$mistake->getParsedLine(), $mistake->getMessage());

                    continue;
                }
                $found = $this->against($schema, $name, $tree);
                $faults = [...$faults, ...$found];
                if ($found === [] && is_array($tree)) {
                    /** @var Tree $tree */
                    $trees[$name] = $tree;
                }
            }
        }
        if ($faults !== []) {
            throw new CatalogueIsFaulty($faults);
        }

        return $trees;
    }

    /** @return list<CatalogueFault> */
    private function against(string $schema, string $file, mixed $tree): array
    {
        $validator = new Validator;
        $validator->setMaxErrors(20);
        $text = (string) file_get_contents("{$this->folder}/schema/{$schema}.schema.json");
        $result = $validator->validate(json_decode((string) json_encode($tree)), $text);
        $error = $result->error();
        if ($error === null) {
            return [];
        }
        $faults = [];
        $formatter = new ErrorFormatter;
        foreach ($formatter->formatFlat($error, static fn (ValidationError $leaf): array => [$leaf->data()->fullPath(), $formatter->formatErrorMessage($leaf)]) as [$path, $message]) {
            if (! str_contains($message, 'must match schema') && ! str_contains($message, 'additionalProperties')) {
                $faults[] = new CatalogueFault($file, 'at '.implode('.', $path), $message);
            }
        }

        return $faults === [] ? [new CatalogueFault($file, 'at the top', "does not match {$schema}.schema.json")] : $faults;
    }
}
