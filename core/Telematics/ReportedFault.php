<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

use JadeLedger\Core\Fault\AlertLevel;
use JadeLedger\Core\Fault\Dashboard;
use JadeLedger\Core\Fault\NoSuchCode;
use JadeLedger\Core\Fault\TroubleCode;

/** A fault that a machine reported of itself. */
final readonly class ReportedFault
{
    /** Suspect parameter and failure mode, as providers put them into one word. From memory, to be confirmed. */
    private const PAIR = '/^(?:SPN)?\s*(\d{1,6})\s*(?:[-.:\/,]|FMI|\s)+\s*(\d{1,2})$/Di';

    /** @param  TroubleCode|null  $code none where the identifier is the maker's own */
    private function __construct(public string $identifier, public ?string $words, public ?TroubleCode $code)
    {
    }

    public static function of(string $identifier, ?string $words): self
    {
        $code = null;
        if (preg_match(self::PAIR, trim($identifier), $pair) === 1) {
            try {
                $code = TroubleCode::of((int) $pair[1], (int) $pair[2]);
            } catch (NoSuchCode) {
                // The maker's own numbers, which happen to look like a pair.
            }
        }

        return new self(trim($identifier), $words, $code);
    }

    /** A code that nobody here can read is looked into, and holds nothing by itself. */
    public function level(): AlertLevel
    {
        $level = $this->code === null ? null : (new Dashboard([], [$this->code]))->level();

        return $level ?? AlertLevel::Aware;
    }
}
