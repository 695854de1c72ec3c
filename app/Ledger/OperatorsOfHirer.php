<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Models\Operator;
use App\Yards\CurrentYard;
use Carbon\CarbonInterface;
use JadeLedger\Core\People\OperatorCategory;
use JadeLedger\Core\People\OperatorStanding;

/** Whether somebody is recorded for a machine, in a yard that hands it only to those who were evaluated. */
final readonly class OperatorsOfHirer
{
    private const RULE = 'rule_operator_evaluated';

    public function __construct(private CatalogueRepository $catalogue, private CurrentYard $yard)
    {
    }

    /**
     * Of each category of the machine that asks for an evaluation, somebody with one of these numbers is recorded as
     * evaluated. Tasks that go with the machine, a battery or a cylinder, are shown and bar nobody.
     *
     * @param list<string> $numbers of proofs that were seen
     *
     * @throws ApiProblem
     */
    public function mustBeEvaluated(WalkContext $context, array $numbers, CarbonInterface $at): void
    {
        $features = $context->catalogue()->featuresOf($context->model);
        if (! $features->has(self::RULE)) {
            return;
        }
        $hirer = $context->walk->hire->customer;
        $records = Operator::query()->whereIn('number', $numbers)
            ->whereIn('customer_id', $hirer->idsOfAll())->get();
        $today = $this->yard->dayOf($at);
        foreach ($this->catalogue->current()->operatorCategories as $category) {
            $isAsked = $category->evaluationMonths !== null && $category->applies->holdsFor($features);
            $isMet = static fn (Operator $one): bool => $one->category === $category->id
                && $one->recordFor($category)->standing($today) === OperatorStanding::Valid;
            if ($isAsked && ! $records->contains($isMet)) {
                throw self::notEvaluated($category);
            }
        }
    }

    private static function notEvaluated(OperatorCategory $category): ApiProblem
    {
        return ApiProblem::because(ProblemName::OperatorNotEvaluated, 422, [
            'category' => CatalogueWords::say($category->name),
        ]);
    }
}
