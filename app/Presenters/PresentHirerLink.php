<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Documents\SquareOf;
use App\Keys\LinkKey;
use App\Models\Hire;
use App\Models\HirerLink;
use App\Models\Yard;
use App\Yards\CurrentYard;

/** The link of a hire as the yard sees it, with the square in which a phone reads it. */
final readonly class PresentHirerLink
{
    public function __construct(private LinkKey $key, private CurrentYard $yard)
    {
    }

    /** @return array<string, mixed> */
    public function of(Hire $hire): array
    {
        $link = HirerLink::heldFor($hire);
        $link?->setRelation('hire', $hire);
        $hire->loadMissing('customer');

        return [
            'link' => $link === null ? null : [
                'address' => $link->address($this->key),
                'square' => self::square($link->address($this->key)),
                'made_at' => Moment::text($link->made_at),
                'opened_at' => Moment::orNull($link->opened_at),
                'expires_at' => Moment::text($link->expiresAt()),
            ],
            'mail' => $hire->customer->mail,
            'phone' => Yard::query()->whereKey($this->yard->id())->value('phone'),
        ];
    }

    /** @return list<string> a row of 0 and 1 each (ISO/IEC 18004, level M) */
    private static function square(string $address): array
    {
        return SquareOf::address($address);
    }
}
