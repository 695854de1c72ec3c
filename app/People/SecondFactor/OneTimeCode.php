<?php

declare(strict_types=1);

namespace App\People\SecondFactor;

use Carbon\CarbonImmutable;

/**
 * The six digits that a device shows for half a minute.
 *
 * Source: RFC 6238 section 4 (time steps) over RFC 4226 section 5.3 (HMAC-SHA-1, dynamic truncation).
 */
final readonly class OneTimeCode
{
    public const STEP_SECONDS = 30;

    public const DIGITS = 6;

    /** Steps before and after this one that are taken too: one. Source: RFC 6238 section 5.2. */
    private const DRIFT = 1;

    /** Where in the hash the code begins, and its first bit taken off. Source: RFC 4226 section 5.3. */
    private const LOW_NIBBLE = 0x0F;

    private const WITHOUT_SIGN = 0x7FFF_FFFF;

    public function __construct(#[\SensitiveParameter] private string $secret)
    {
    }

    public function at(int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $offset = ord($hash[-1]) & self::LOW_NIBBLE;
        /** @var array{1: int}|false $word */
        $word = unpack('N', substr($hash, $offset, 4));
        assert($word !== false);

        return str_pad((string) (($word[1] & self::WITHOUT_SIGN) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /** In which step this code is the right one, if in any that is near. */
    public function stepOf(string $code, CarbonImmutable $now): ?int
    {
        $present = self::step($now);
        $found = null;
        for ($step = $present - self::DRIFT; $step <= $present + self::DRIFT; $step++) {
            // All are compared: how long it takes says nothing of the digits.
            $found = hash_equals($this->at($step), $code) ? $step : $found;
        }

        return $found;
    }

    public static function step(CarbonImmutable $now): int
    {
        return intdiv($now->getTimestamp(), self::STEP_SECONDS);
    }
}
