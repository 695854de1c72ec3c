<?php

declare(strict_types=1);

namespace App\Contract;

use App\Texts;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/**
 * The API's own description, api/openapi.yaml, as the schemas that requests and answers are held against.
 *
 * OpenAPI 3.1 schemas are JSON Schema 2020-12, so a general validator reads them as they stand.
 */
final class Contract
{
    private const BASE = 'https://jade-ledger.invalid/';

    private ?\stdClass $document = null;

    private ?Validator $validator = null;

    /** @var array<string, true> */
    private array $registered = [];

    /** @var array<string, \stdClass> by schema, each with what it refers to */
    private array $whole = [];

    public function __construct(private readonly string $file, private readonly string $compiledFile)
    {
    }

    public function document(): \stdClass
    {
        if ($this->document === null) {
            if (! is_file($this->compiledFile) || filemtime($this->compiledFile) < filemtime($this->file)) {
                self::write($this->compiledFile, Yaml::parseFile($this->file, Yaml::PARSE_OBJECT_FOR_MAP));
            }
            $document = json_decode((string) file_get_contents($this->compiledFile), false, 128, JSON_THROW_ON_ERROR);
            assert($document instanceof \stdClass);
            $this->document = $document;
        }

        return $this->document;
    }

    /** Reads the description now, which takes half a second, and not with the first request that needs it. */
    public function compile(): void
    {
        foreach (array_keys(get_object_vars($this->schemas())) as $schema) {
            $this->withReferences($schema);
        }
    }

    private function schemas(): \stdClass
    {
        $components = $this->document()->components;
        $schemas = $components instanceof \stdClass ? $components->schemas : null;

        return $schemas instanceof \stdClass ? $schemas : throw new \LogicException('The contract has no schemas.');
    }

    public function has(string $schema): bool
    {
        return $this->withReferences($schema) !== null;
    }

    /**
     * What is wrong with a value, by the path of the field; nothing when it fits.
     *
     * @param mixed $value decoded JSON, objects as \stdClass
     * @return array<string, list<string>>
     */
    public function faults(string $schema, mixed $value): array
    {
        $result = $this->validator()->validate($value, $this->registered($schema).'#/components/schemas/'.$schema);
        $error = $result->error();
        if ($error === null) {
            return [];
        }
        $formatter = new ErrorFormatter;
        $faults = [];
        /** @var list<ValidationError> $leaves */
        $leaves = $formatter->formatFlat($error, static fn (ValidationError $leaf): ValidationError => $leaf);
        foreach ($leaves as $leaf) {
            if ($leaf->subErrors() === []) {
                $path = implode('.', Texts::of($leaf->data()->fullPath()));
                $faults[$path === '' ? 'body' : $path][] = $formatter->formatErrorMessage($leaf);
            }
        }

        return $faults;
    }

    /**
     * Registers a schema with what it refers to and nothing else: the validator reads the whole of what it is given.
     *
     * @return string where it is registered
     */
    private function registered(string $schema): string
    {
        $address = self::BASE."{$schema}.json";
        if (! isset($this->registered[$schema])) {
            $schemas = $this->withReferences($schema) ?? throw new \LogicException("The contract has no {$schema}.");
            $this->validator()
                ->resolver()
                ?->registerRaw((object) ['components' => (object) ['schemas' => $schemas]], $address);
            $this->registered[$schema] = true;
        }

        return $address;
    }

    /**
     * A schema with what it refers to, by name: read from a file of its own, for the whole contract is large.
     *
     * @return \stdClass|null where the contract has no such schema
     */
    private function withReferences(string $schema): ?\stdClass
    {
        if (isset($this->whole[$schema])) {
            return $this->whole[$schema];
        }
        $file = "{$this->compiledFile}.{$schema}";
        if (preg_match('/^\w+$/D', $schema) !== 1) {
            return null;
        }
        if (is_file($file) && filemtime($file) >= filemtime($this->file)) {
            $schemas = json_decode((string) file_get_contents($file), false, 128, JSON_THROW_ON_ERROR);
            assert($schemas instanceof \stdClass);
        } elseif (isset($this->schemas()->{$schema})) {
            $schemas = new \stdClass;
            $this->collect($schema, $schemas);
            self::write($file, $schemas);
        } else {
            return null;
        }

        return $this->whole[$schema] = $schemas;
    }

    private static function write(string $file, mixed $value): void
    {
        $draft = $file.'.'.bin2hex(random_bytes(4));
        file_put_contents($draft, json_encode($value, JSON_THROW_ON_ERROR));
        rename($draft, $file);
    }

    private function collect(string $schema, \stdClass $into): void
    {
        if (! isset($into->{$schema})) {
            $into->{$schema} = $this->schemas()->{$schema};
            $this->follow($into->{$schema}, $into);
        }
    }

    private function follow(mixed $part, \stdClass $into): void
    {
        foreach (is_object($part) ? get_object_vars($part) : (is_array($part) ? $part : []) as $name => $inner) {
            if ($name === '$ref' && is_string($inner)) {
                $this->collect(basename($inner), $into);
            } elseif (! is_scalar($inner)) {
                $this->follow($inner, $into);
            }
        }
    }

    private function validator(): Validator
    {
        if ($this->validator === null) {
            $this->validator = new Validator;
            $this->validator->setMaxErrors(10);
        }

        return $this->validator;
    }
}
