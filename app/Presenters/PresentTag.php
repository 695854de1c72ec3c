<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\Tag;

final class PresentTag
{
    /** @return array<string, mixed>|null the tag that hangs on a machine, if any */
    public static function hangingOn(string $machineId): ?array
    {
        $tag = Tag::hangingOn($machineId);

        return $tag === null ? null : self::of($tag);
    }

    /** @return array<string, mixed> */
    public static function of(Tag $tag): array
    {
        return [
            'id' => $tag->id,
            'walk_id' => $tag->walk_id,
            'number' => $tag->number,
            'reason' => $tag->reason,
            'keys_at' => $tag->keys_at,
            'hung_by' => PresentPerson::of($tag->hungBy),
            'hung_at' => Moment::text($tag->hung_at),
        ];
    }
}
