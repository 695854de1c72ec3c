<?php

declare(strict_types=1);

namespace App\Transfer;

/**
 * A yard as files: tables/NAME.jsonl (JSON Lines, one row each), photos/NAME, manifest.json, and SHA256SUMS over all
 * of them as sha256sum writes and checks it.
 */
final readonly class YardFolder
{
    public const FORMAT = 'jade-ledger-yard/1';

    private const SUMS = 'SHA256SUMS';

    private function __construct(private string $path)
    {
    }

    /** @throws TransferFault where something is there already */
    public static function made(string $path): self
    {
        if (file_exists($path)) {
            throw new TransferFault("{$path} is there already. Name a folder that is not there yet.");
        }
        foreach (['', '/tables', '/photos'] as $folder) {
            if (! mkdir($path.$folder, 0o700, true)) {
                throw new TransferFault("The folder cannot be made: {$path}{$folder}.");
            }
        }

        return new self($path);
    }

    /** @throws TransferFault where a file is missing, is more than there should be, or is not what was written */
    public static function checked(string $path): self
    {
        $folder = new self($path);
        $sums = @file("{$path}/".self::SUMS, FILE_IGNORE_NEW_LINES);
        if ($sums === false) {
            throw new TransferFault("{$path} has no ".self::SUMS.'. Name the folder that yard:export wrote.');
        }
        $named = [];
        foreach ($sums as $line) {
            [$sum, $name] = explode('  ', $line, 2) + ['', ''];
            if (str_contains($name, '..') || ! is_file("{$path}/{$name}")) {
                throw new TransferFault("{$name} is named in ".self::SUMS.' and is not there. Copy the folder again.');
            }
            if (! hash_equals($sum, (string) hash_file('sha256', "{$path}/{$name}"))) {
                throw new TransferFault("{$name} is not what was written. Copy the folder again.");
            }
            $named[] = $name;
        }
        foreach ($folder->names() as $name) {
            if (! in_array($name, $named, true)) {
                throw new TransferFault("{$name} is not named in ".self::SUMS.'. Nothing may be added to the folder.');
            }
        }

        return $folder;
    }

    /** @param  iterable<array<string, mixed>>  $rows */
    public function writeTable(YardTable $table, iterable $rows): int
    {
        $file = fopen($this->path.self::tableName($table), 'wb');
        if ($file === false) {
            throw new TransferFault("{$this->path} cannot be written to.");
        }
        $count = 0;
        foreach ($rows as $row) {
            $line = json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
            if (fwrite($file, $line) !== strlen($line)) {
                throw new TransferFault("The disk is full: {$this->path}.");
            }
            $count++;
        }
        fclose($file);

        return $count;
    }

    /** @return \Generator<int, array<string, mixed>> by line number, from 1 */
    public function readTable(YardTable $table): \Generator
    {
        $file = @fopen($this->path.self::tableName($table), 'rb');
        if ($file === false) {
            throw new TransferFault("tables/{$table->value}.jsonl is missing.");
        }
        for ($line = 1; ($text = fgets($file)) !== false; $line++) {
            $row = json_decode($text, true);
            if (! is_array($row) || array_is_list($row)) {
                throw new TransferFault("tables/{$table->value}.jsonl, line {$line}: no JSON object.");
            }
            /** @var array<string, mixed> $row */
            yield $line => $row;
        }
        fclose($file);
    }

    public function writePhoto(string $name, string $bytes): void
    {
        if (file_put_contents("{$this->path}/photos/{$name}", $bytes) !== strlen($bytes)) {
            throw new TransferFault("The disk is full: {$this->path}.");
        }
    }

    /** Nothing where the export had none. */
    public function readPhoto(string $name): ?string
    {
        $bytes = @file_get_contents("{$this->path}/photos/{$name}");

        return $bytes === false ? null : $bytes;
    }

    /** @param  array<string, mixed>  $manifest */
    public function close(array $manifest): void
    {
        $text = json_encode(
            $manifest,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
        file_put_contents("{$this->path}/manifest.json", $text."\n");
        $sums = array_map(
            fn (string $name): string => hash_file('sha256', "{$this->path}/{$name}")."  {$name}\n",
            $this->names(),
        );
        file_put_contents("{$this->path}/".self::SUMS, implode('', $sums));
    }

    /** @return array<string, mixed> */
    public function manifest(): array
    {
        $manifest = json_decode((string) file_get_contents("{$this->path}/manifest.json"), true);
        if (! is_array($manifest) || ($manifest['format'] ?? null) !== self::FORMAT) {
            throw new TransferFault(
                'manifest.json is not of the format '.self::FORMAT.'. Upgrade both installations to the same release.',
            );
        }

        /** @var array<string, mixed> $manifest */
        return $manifest;
    }

    /** @return list<string> all files but the sums themselves, from the folder on, sorted */
    private function names(): array
    {
        $names = [];
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($this->path, \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            assert($file instanceof \SplFileInfo);
            $name = substr($file->getPathname(), strlen($this->path) + 1);
            if ($name !== self::SUMS) {
                $names[] = $name;
            }
        }
        sort($names);

        return $names;
    }

    private static function tableName(YardTable $table): string
    {
        return "/tables/{$table->value}.jsonl";
    }
}
