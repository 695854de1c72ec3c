<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

enum LinkFault: string
{
    case EntryMissing = 'entry_missing';
    case DoesNotFollow = 'does_not_follow';
    case ContentChanged = 'content_changed';

    public function sentence(): string
    {
        return match ($this) {
            self::EntryMissing => 'an entry before this one is missing or stands in another place',
            self::DoesNotFollow => 'the hash of the entry before it is not the one written here',
            self::ContentChanged => 'its content no longer gives the hash that was written',
        };
    }
}
