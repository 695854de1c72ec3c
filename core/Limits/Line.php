<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits;

use Brick\Math\BigRational;

/** Straight lines between rows of a table, level beyond its ends. */
final readonly class Line
{
    /** @param  non-empty-list<array{string, string}>  $rows the first figure rising */
    private function __construct(private array $rows)
    {
    }

    /** @param  non-empty-list<array{string, string}>  $rows the first figure rising */
    public static function through(array $rows): self
    {
        return new self($rows);
    }

    public function at(BigRational $value): BigRational
    {
        $below = $this->rows[0];
        if ($value->isLessThan($below[0])) {
            return BigRational::of($below[1]);
        }
        foreach (array_slice($this->rows, 1) as $row) {
            if ($value->isLessThanOrEqualTo($row[0])) {
                $share = $value->minus($below[0])->dividedBy(BigRational::of($row[0])->minus($below[0]));
                $rise = BigRational::of($row[1])->minus($below[1]);

                return BigRational::of($below[1])->plus($share->multipliedBy($rise))->simplified();
            }
            $below = $row;
        }

        return BigRational::of($below[1]);
    }
}
