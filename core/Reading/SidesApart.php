<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Two sides of a machine beside each other: where each would stand by itself and they lie too far apart, the second one
 * that is read says so. Common practice, no source.
 */
final readonly class SidesApart
{
    public function __construct(private ComparedAcross $limits)
    {
    }

    /** @param  Quantity|null  $other what was read at the other side; nothing as long as nobody read it */
    public function with(Verdict $verdict, Quantity $value, ?Quantity $other): Verdict
    {
        if ($other === null || $verdict->outcome !== Outcome::Stands) {
            return $verdict;
        }
        $apart = $value->minus($other->in($value->unit));
        $apart = $apart->isNegative() ? $apart->negated() : $apart;
        $most = $this->limits->mostApart();
        if (! $apart->isGreaterThan($most)) {
            return $verdict;
        }
        $figures = ['apart' => $apart, 'other' => $other, 'most' => $most];

        return Verdict::attend(
            new Phrase($this->limits->saysApart(), $figures),
            [...$verdict->working, "|{$value->text()} − {$other->text()}| = {$apart->text()} > {$most->text()}"],
            $verdict->source,
            new Phrase($this->limits->saysApart().'_act', $figures),
        );
    }
}
