<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/**
 * How far the clock of a tablet is from the yard's.
 *
 * A tablet says what time it thinks it is when it sends; what it recorded before, with or without a network, was told
 * by the
 * same clock and is put right by the same difference. What the tablet said is kept beside it.
 */
final readonly class DeviceClock
{
    public const HEADER = 'X-Device-Time';

    /** Less than this is the way of the request, and no wrong clock. */
    private const SECONDS_THAT_COUNT = 120;

    private function __construct(public int $secondsAhead)
    {
    }

    public static function right(): self
    {
        return new self(0);
    }

    public static function of(Request $request, CarbonImmutable $now): self
    {
        $said = $request->header(self::HEADER);
        if (! is_string($said) || preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?Z$/D', $said) !== 1) {
            return self::right();
        }
        try {
            $ahead = (int) $now->diffInSeconds(CarbonImmutable::parse($said));
        } catch (\Throwable) {
            return self::right();
        }

        return abs($ahead) < self::SECONDS_THAT_COUNT ? self::right() : new self($ahead);
    }

    public function isOff(): bool
    {
        return $this->secondsAhead !== 0;
    }

    /** Whether it is further off than what it says is believed without a look. */
    public function isBeyondBelief(): bool
    {
        return abs($this->secondsAhead) > EntryClock::LARGEST_CORRECTION_HOURS * 3600;
    }

    /** What the yard's clock showed when the tablet's showed this. */
    public function corrected(CarbonImmutable $device): CarbonImmutable
    {
        return $device->subSeconds($this->secondsAhead);
    }
}
