<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** The digests of the thumbnails of an entry's photos, by the digest of the photo. */
final readonly class Thumbnails
{
    /** @param  array<string, string>  $digests */
    public function __construct(public array $digests)
    {
    }

    public static function read(JsonObject $json): self
    {
        $digests = [];
        if (! $json->has('thumbnails')) {
            return new self($digests);
        }
        $thumbnails = $json->object('thumbnails');
        foreach ($thumbnails->names() as $photo) {
            $digests[$photo] = $thumbnails->string($photo);
        }

        return new self($digests);
    }

    /** @return array<string, array<string, string>> */
    public function record(): array
    {
        return $this->digests === [] ? [] : ['thumbnails' => $this->digests];
    }
}
