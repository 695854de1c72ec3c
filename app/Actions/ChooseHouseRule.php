<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Catalogue\CatalogueFault;
use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\HouseRuleChoice;
use App\Models\User;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Catalogue\HouseRule;
use JadeLedger\Core\Catalogue\RuleOption;

/** Follows another school from now on; a choice that would leave a machine without a safe walk is refused. */
final readonly class ChooseHouseRule
{
    public function __construct(private CatalogueRepository $shelf, private WriteAudit $audit)
    {
    }

    public function __invoke(string $id, string $value, string $reason, User $user): void
    {
        $rule = $this->rule($id);
        if (! $rule->takes($value)) {
            $choices = implode(', ', array_map(static fn (RuleOption $school): string => $school->id, $rule->schools));
            throw ApiProblem::because(
                ProblemName::NoSuchSchool,
                422,
                ['choices' => $choices],
                ['value' => [Words::say('problems.no_such_school.title')]],
            );
        }
        $contradiction = $this->shelf->current()->houseRules->contradictionOf($rule, $value);
        if ($contradiction !== null) {
            $figures = ['other' => $this->rule($contradiction->rule)->title, 'because' => $contradiction->because];
            throw ApiProblem::because(ProblemName::RulesContradict, 409, $figures, [
                'value' => [$contradiction->because],
            ]);
        }
        // The school that is followed already leaves every machine the walk that it has.
        $faults = $rule->value === $value ? [] : $this->shelf->faultsWith($id, $value);
        if ($faults !== []) {
            $first = implode(
                ' ',
                array_map(static fn (CatalogueFault $fault): string => $fault->sentence(), array_slice($faults, 0, 3)),
            );
            throw ApiProblem::because(
                ProblemName::RuleLeavesNoSafeOrder,
                409,
                ['faults' => $first],
                ['value' => [Words::say('problems.rule_leaves_no_safe_order.title')]],
            );
        }
        ($this->audit)(
            AuditKind::HouseRuleChosen,
            $user,
            $rule->title,
            ['value' => $rule->value],
            ['value' => $value, 'reason' => $reason],
        );
        HouseRuleChoice::query()->create([
            'rule' => $id,
            'value' => $value,
            'reason' => $reason,
            'chosen_by_id' => $user->id,
            'chosen_at' => CarbonImmutable::now(),
        ]);
        $this->shelf->forget();
    }

    private function rule(string $id): HouseRule
    {
        foreach ($this->shelf->current()->houseRules->all as $rule) {
            if ($rule->id === $id) {
                return $rule;
            }
        }
        throw ApiProblem::because(ProblemName::NotFound, 404);
    }
}
