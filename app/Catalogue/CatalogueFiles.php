<?php

declare(strict_types=1);

namespace App\Catalogue;

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
        'closeups.yaml' => 'closeups',
        'conditions.yaml' => 'conditions',
        'findings.yaml' => 'findings',
        'qualifications.yaml' => 'qualifications',
        'rules/house.yaml' => 'rules',
        'rules/stated.yaml' => 'stated',
        'checks/*.yaml' => 'checks',
        'families/*.yaml' => 'family',
        'models/*.yaml' => 'model',
        'briefings/*.yaml' => 'briefing',
        'service/*.yaml' => 'service',
        'questions/*.yaml' => 'questions',
        'limits/*.yaml' => 'limits',
        'site.yaml' => 'site',
        'operators.yaml' => 'operators',
        'things.yaml' => 'things',
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
                    $faults[] = new CatalogueFault(
                        $name,
                        'the YAML itself',
                        $mistake->getMessage(),
                        $mistake->getParsedLine(),
                    );

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
        $faults = CatalogueSchema::named($this->folder, $schema)->faultsOf($tree);
        $lines = LineInYaml::of((string) file_get_contents("{$this->folder}/{$file}"));

        return array_map(
            static fn (SchemaFault $fault): CatalogueFault => new CatalogueFault(
                $file,
                $fault->path === [] ? 'at the top' : 'at '.implode('.', $fault->path),
                $fault->words,
                $lines->at($fault->path),
            ),
            $faults,
        );
    }

    /** The same mistake with the file and the line in which the thing is defined that it speaks of. */
    public function locate(CatalogueFault $fault): CatalogueFault
    {
        if ($fault->about === null) {
            return $fault;
        }
        foreach (array_keys(self::SCHEMAS) as $pattern) {
            $files = str_starts_with($pattern, $fault->file) ? (glob("{$this->folder}/{$pattern}") ?: []) : [];
            foreach ($files as $file) {
                $lines = LineInYaml::of((string) file_get_contents($file));
                $line = $lines->ofId($fault->about) ?? $this->lineOfKey($lines, $fault->about);
                if ($line !== null) {
                    return $fault->inFile(substr($file, strlen($this->folder) + 1), $line);
                }
            }
        }

        return $fault;
    }

    /** House rules are keys, not items with an id. */
    private function lineOfKey(LineInYaml $lines, string $of): ?int
    {
        $line = $lines->at(['rules', $of]);

        return $line > $lines->at(['rules']) ? $line : null;
    }
}
