<?php

declare(strict_types=1);

namespace JadeLedger\Core\Finding;

use JadeLedger\Core\Catalogue\TriageRule;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;

/**
 * Grades a finding by the yard's table, first match first.
 *
 * What the table does not know is held: any doubt goes one level up. Common practice, no source.
 */
final readonly class Triage
{
    /** @param  list<TriageRule>  $rules */
    public function __construct(private array $rules)
    {
    }

    public function propose(Description $description): Proposal
    {
        foreach ($this->rules as $rule) {
            if ($this->matches($rule, $description)) {
                return new Proposal($rule->severity, $rule->id, $rule->reason, $rule->source);
            }
        }

        return new Proposal(
            Severity::Hold,
            'doubt',
            'Any doubt goes one level up.',
            new Source(SourceKind::CommonPractice, 'common practice, no source'),
        );
    }

    private function matches(TriageRule $rule, Description $description): bool
    {
        return ($rule->kinds === [] || in_array($description->kind, $rule->kinds, true)) &&
            ($rule->systems === [] || in_array($description->system, $rule->systems, true)) &&
            ($rule->degrees === [] || in_array($description->degree, $rule->degrees, true)) &&
            ($rule->atLeastMillimetres === 0 ||
                ! ($description->size ?? Quantity::zero(Unit::Millimetre))->isLessThan(
                    Quantity::of($rule->atLeastMillimetres, Unit::Millimetre),
                ));
    }
}
