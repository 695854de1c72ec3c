<?php

declare(strict_types=1);

namespace App\Catalogue;

/**
 * The line of a YAML file on which a node stands.
 *
 * Reads block style as far as a path goes on by indentation; what is written in one line, between braces, is found on
 * that line.
 */
final readonly class LineInYaml
{
    /** @param  list<string>  $lines */
    private function __construct(private array $lines)
    {
    }

    public static function of(string $text): self
    {
        return new self(explode("\n", $text));
    }

    /**
     * @param list<string> $path keys and positions from the top
     * @return int the line of the node, or of the nearest one above it that stands on a line of its own; counted from one
     */
    public function at(array $path): int
    {
        [$from, $to] = [0, count($this->lines)];
        $line = 0;
        foreach ($path as $step) {
            $found = ctype_digit($step) ? $this->item((int) $step, $from, $to) : $this->key($step, $from, $to);
            if ($found === null) {
                break;
            }
            [$line, $from, $to] = $found;
        }

        return $line + 1;
    }

    /** The first line that defines the id, in block style or between braces. */
    public function ofId(string $id): ?int
    {
        foreach ($this->lines as $at => $text) {
            if (preg_match('/(^|[\s{,-])id:\s*["\']?'.preg_quote($id, '/').'["\']?\s*(,|}|$)/', $text) === 1) {
                return $at + 1;
            }
        }

        return null;
    }

    /** @return array{int, int, int}|null the line, and where what is below it begins and ends */
    private function key(string $key, int $from, int $to): ?array
    {
        $quoted = '["\']?'.preg_quote($key, '/').'["\']?:(\s|$)';
        $depth = null;
        for ($at = $from; $at < $to; $at++) {
            $text = $this->lines[$at];
            if ($this->isEmpty($text)) {
                continue;
            }
            // A key on the same line as its dash stands two places further in.
            $own = strlen($text) - strlen(ltrim($text, ' -'));
            $depth ??= $own;
            if ($own === $depth && preg_match('/^[\s-]*'.$quoted.'/', $text) === 1) {
                $end = $this->endOf($at, $own, $to);

                return [$at, $end === $at + 1 ? $at : $at + 1, $end];
            }
            // Only where nothing stands below: what a neighbour holds between its braces is not meant.
            if ($to - $from === 1 && preg_match('/[{,]\s*'.$quoted.'/', $text) === 1) {
                return [$at, $at, $at + 1];
            }
        }

        return null;
    }

    /** @return array{int, int, int}|null */
    private function item(int $wanted, int $from, int $to): ?array
    {
        $depth = null;
        $seen = -1;
        for ($at = $from; $at < $to; $at++) {
            $text = $this->lines[$at];
            $own = strlen($text) - strlen(ltrim($text, ' '));
            if (preg_match('/^\s*-(\s|$)/', $text) === 1) {
                $depth ??= $own;
                if ($own === $depth && ++$seen === $wanted) {
                    return [$at, $at, $this->endOf($at, $own, $to)];
                }
            }
        }

        return null;
    }

    private function endOf(int $at, int $depth, int $to): int
    {
        for ($next = $at + 1; $next < $to; $next++) {
            $text = $this->lines[$next];
            if (
                ! $this->isEmpty($text) &&
                strlen($text) - strlen(ltrim($text, ' ')) <= $depth &&
                ! (
                    preg_match('/^\s*-/', $text) === 1 &&
                    preg_match('/^\s*-/', $this->lines[$at]) !== 1 &&
                    strlen($text) - strlen(ltrim($text, ' ')) === $depth
                )
            ) {
                return $next;
            }
        }

        return $to;
    }

    private function isEmpty(string $text): bool
    {
        return preg_match('/^\s*(#.*)?$/', $text) === 1;
    }
}
