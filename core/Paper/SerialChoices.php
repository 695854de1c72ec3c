<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

/**
 * Three serial numbers of which one is that of the record: whoever stands at the plate touches the one that is on it,
 * and cannot without having read it.
 *
 * The others differ by two neighbours changed over or by one digit, as a misread plate and the sister machine do. The
 * same serial gives the same three in the same order, so that two tablets show one page. Common practice, no source.
 */
final readonly class SerialChoices
{
    /** Fewer signs than these give no others that could be taken for it. */
    private const LEAST_SIGNS = 4;

    /** @param  list<string>  $choices  three, or none where the record's is missing or too short to be mistaken */
    private function __construct(public array $choices)
    {
    }

    public static function of(string $record): self
    {
        $others = mb_strlen(JudgePaper::bare($record)) < self::LEAST_SIGNS ? [] : self::others(trim($record));
        if (count($others) < 2) {
            return new self([]);
        }
        $choices = array_slice($others, 0, 2);
        array_splice($choices, crc32($record) % 3, 0, [trim($record)]);

        return new self($choices);
    }

    /** @return list<string> those that would not be taken for the same, the likeliest first */
    private static function others(string $record): array
    {
        $signs = mb_str_split($record);
        $found = [];
        // From the end: the first signs are those of the type and are the same on all sisters.
        for ($at = count($signs) - 1; $at > 0; $at--) {
            $changed = $signs;
            [$changed[$at - 1], $changed[$at]] = [$signs[$at], $signs[$at - 1]];
            $found[] = ctype_alnum($signs[$at - 1].$signs[$at]) ? $changed : $signs;
            $next = $signs;
            $next[$at] = ctype_digit($signs[$at]) ? (string) (((int) $signs[$at] + 3) % 10) : $signs[$at];
            $found[] = $next;
        }

        $others = [];
        foreach (array_map(implode(...), $found) as $other) {
            if (JudgePaper::bare($other) !== JudgePaper::bare($record)) {
                $others[JudgePaper::bare($other)] ??= $other;
            }
        }

        return array_values($others);
    }
}
