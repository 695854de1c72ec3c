<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Payloads\Payload;
use Carbon\CarbonImmutable;

/**
 * One entry of a batch, its shape already known to be right.
 *
 * @template-covariant P of Payload
 */
final readonly class IncomingEntry
{
    /**
     * @param P $payload in its present form
     * @param \stdClass $said the payload as it was posted, which is what the hash covers
     * @param positive-int $version of the form in which it was posted
     * @param DeviceMoment|null $device only where the clock of the tablet is off
     */
    public function __construct(
        public string $id,
        public string $kind,
        public CarbonImmutable $recordedAt,
        public ?string $corrects,
        public Payload $payload,
        public \stdClass $said,
        public int $version = 1,
        public ?DeviceMoment $device = null,
        public Doubts $doubts = new Doubts,
        public ?SecondCheck $second = null,
    ) {
    }
}
