<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/** Pieces counted against the list of what belongs to the machine. Common practice, no source. */
final readonly class CountReading
{
    public function __construct(private CountLimits $limits)
    {
    }

    public function judge(Quantity $counted): Verdict
    {
        $expected = Quantity::of($this->limits->expected, $counted->unit);
        $figures = [
            'counted' => $counted->text(),
            'expected' => (string) $this->limits->expected,
            'pieces' => $this->limits->pieces,
        ];
        $working = [
            "{$counted->text()} ".
            match ($counted->compareTo($expected)) {
                -1 => '<',
                0 => '=',
                default => '>',
            }.
            " {$expected->text()}",
        ];

        return match ($counted->compareTo($expected)) {
            0 => Verdict::stands(new Phrase('count.complete', $figures), $working, $this->limits->source()),
            -1 => Verdict::attend(
                new Phrase('count.missing', $figures),
                $working,
                $this->limits->source(),
                new Phrase('count.find', $figures),
            ),
            default => Verdict::attend(
                new Phrase('count.too_many', $figures),
                $working,
                $this->limits->source(),
                new Phrase('count.whose', $figures),
            ),
        };
    }
}
