<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;

/** One entry of a batch, its shape already known to be right. */
final readonly class IncomingEntry
{
    public function __construct(
        public string $id,
        public string $kind,
        public CarbonImmutable $recordedAt,
        public ?string $corrects,
        public \stdClass $payload,
        /** Only where the clock of the tablet is off. */
        public ?DeviceMoment $device = null,
        public Doubts $doubts = new Doubts,
        public ?SecondCheck $second = null,
    ) {
    }

    public function text(string $member): string
    {
        return (string) ($this->payload->{$member} ?? '');
    }

    /** @return list<string> */
    public function texts(string $member): array
    {
        return array_values(array_map(strval(...), (array) ($this->payload->{$member} ?? [])));
    }

    public function optional(string $member): ?string
    {
        return isset($this->payload->{$member}) ? (string) $this->payload->{$member} : null;
    }
}
