<?php

declare(strict_types=1);

namespace App\People\SecondFactor;

use App\Documents\SquareOf;

/** What a device takes up once: as an address in a square to be photographed, and as letters to be typed. */
final readonly class DeviceSecret
{
    private const ISSUER = 'Jade Ledger';

    public function __construct(#[\SensitiveParameter] private string $secret, private string $login)
    {
    }

    /** Groups of four letters. */
    public function letters(): string
    {
        return implode(' ', str_split(Base32::of($this->secret), 4));
    }

    public function address(): string
    {
        return 'otpauth://totp/'.rawurlencode(self::ISSUER.':'.$this->login).'?'.http_build_query([
            'secret' => Base32::of($this->secret), 'issuer' => self::ISSUER, 'algorithm' => 'SHA1',
            'digits' => OneTimeCode::DIGITS, 'period' => OneTimeCode::STEP_SECONDS,
        ], encoding_type: PHP_QUERY_RFC3986);
    }

    /** @return list<string> the square (ISO/IEC 18004), a row each, 1 where it is dark */
    public function square(): array
    {
        return SquareOf::address($this->address());
    }
}
