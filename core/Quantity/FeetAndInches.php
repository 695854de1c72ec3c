<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * A length as it is said in feet, inches and a fraction of an inch: 12 ft 6 1/2 in.
 *
 * Exact on the inch of 25.4 mm. When a length is written it is rounded once, to the nearest part of an inch, and
 * carried, so that 12 in is never written.
 */
final readonly class FeetAndInches
{
    private const FORM = "/^(?:(\d{1,6})\s*(?:ft|')\s*)?"
        ."(?:(\d{1,6})(?:\s+|-(?=\d+\/))?)?(?:(\d{1,4})\/(\d{1,4})\s*)?(?:in|\")?$/D";

    private function __construct(private Quantity $length)
    {
    }

    public static function of(Quantity $length): self
    {
        return new self($length->in(Unit::Inch));
    }

    /** @throws NotANumber when the text is no length in feet and inches */
    public static function read(string $text): self
    {
        if (trim($text) === '' || preg_match(self::FORM, trim($text), $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw NotANumber::text($text);
        }
        if (($part[4] ?? null) !== null && (int) $part[4] === 0) {
            throw NotANumber::text($text);
        }
        $inches = BigRational::of(12)->multipliedBy($part[1] ?? 0)->plus($part[2] ?? 0)
            ->plus(($part[3] ?? null) === null ? 0 : BigRational::of("{$part[3]}/{$part[4]}"));

        return new self(Quantity::of($inches, Unit::Inch));
    }

    public function length(): Quantity
    {
        return $this->length;
    }

    /** @param  positive-int  $parts of an inch, to which it is rounded: 8, 16 */
    public function write(int $parts): string
    {
        $count = $this->length->times($parts)->decimal(0, RoundingMode::HALF_UP)->toInt();
        [$inches, $rest] = [intdiv($count, $parts), $count % $parts];
        $divisor = $rest === 0 ? 1 : self::common($rest, $parts);
        $fraction = $rest === 0 ? '' : ' '.intdiv($rest, $divisor).'/'.intdiv($parts, $divisor);

        return intdiv($inches, 12).' ft '.($inches % 12)."{$fraction} in";
    }

    private static function common(int $a, int $b): int
    {
        return $b === 0 ? $a : self::common($b, $a % $b);
    }
}
