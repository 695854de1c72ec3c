<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Keys\CheckpointKey;
use Illuminate\Support\Facades\Storage;
use JadeLedger\Core\Ledger\Checkpoint;

/**
 * The checkpoints as files outside the database, and a copy of each in the object store where photos are kept in one.
 */
final readonly class CheckpointFiles
{
    public function __construct(private CheckpointKey $key)
    {
    }

    public function write(Checkpoint $checkpoint): string
    {
        $name = sprintf('checkpoint-%06d.json', $checkpoint->number);
        $text = json_encode(
            [
                'text' => $checkpoint->text(),
                'signature' => $this->key->sign($checkpoint->text()),
                'public_key' => $this->key->publicKey(),
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
        );
        if (Storage::disk('checkpoints')->put($name, $text) === false) {
            throw new \RuntimeException("The checkpoint {$name} could not be written.");
        }
        if (config('filesystems.disks.photos.driver') === 's3') {
            Storage::disk('photos')->put("checkpoints/{$name}", $text);
        }

        return $name;
    }

    /**
     * Every checkpoint in its order, with what is wrong with the files.
     *
     * @param list<string> $yards that this ledger is of
     */
    public function read(array $yards): CheckpointsRead
    {
        $disk = Storage::disk('checkpoints');
        $names = array_values(
            array_filter(
                $disk->files(),
                static fn (string $name): bool => preg_match('/^checkpoint-\d{6}\.json$/D', $name) === 1,
            ),
        );
        sort($names);
        $checkpoints = $faults = [];
        $before = null;
        foreach ($names as $name) {
            [$checkpoint, $fault] = $this->one((string) $disk->get($name), $yards);
            $fault ??= $this->follows($checkpoint, $before);
            if ($fault !== null || $checkpoint === null) {
                $faults[] = "{$name}: {$fault}";

                continue;
            }
            $checkpoints[] = $before = $checkpoint;
        }

        return new CheckpointsRead($checkpoints, $faults);
    }

    /**
     * @param list<string> $yards
     * @return array{Checkpoint|null, string|null}
     */
    private function one(string $file, array $yards): array
    {
        $read = json_decode($file, true);
        if (! is_array($read) || ! is_string($read['text'] ?? null) || ! is_string($read['signature'] ?? null)) {
            return [null, 'this is no checkpoint.'];
        }
        if (! $this->key->hasSigned($read['text'], $read['signature'])) {
            return [null, ($read['public_key'] ?? null) === $this->key->publicKey()
                ? 'its signature does not fit: it was changed.'
                : 'signed by another key than that of this yard.'];
        }
        $checkpoint = Checkpoint::parse($read['text']);

        return array_intersect($checkpoint->yards, $yards) === [] && $checkpoint->yards !== []
            ? [null, 'a checkpoint of another yard.']
            : [$checkpoint, null];
    }

    private function follows(?Checkpoint $checkpoint, ?Checkpoint $before): ?string
    {
        return match (true) {
            $checkpoint === null => null,
            $checkpoint->number !== ($before->number ?? 0) + 1 => 'the one before it is missing.',
            $checkpoint->previous !== $before?->digest() => 'it does not follow the one before it.',
            default => null,
        };
    }
}
