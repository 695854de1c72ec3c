<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\QuestionForm;
use JadeLedger\Core\Catalogue\TeachBackQuestion;

/**
 * What is asked back of somebody before they sign: of each thing that kills on this machine, once. Who was wrong hears
 * why and is asked in another form; the last answer counts. Common practice, no source.
 */
final readonly class TeachBack
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return list<TeachBackQuestion> in the order of their steps */
    public function for(MachineModel $model): array
    {
        $features = $this->catalogue->featuresOf($model);
        $order = array_flip(array_map(
            static fn ($step): string => $step->id,
            (new ComposeBriefing($this->catalogue))->for($model),
        ));
        $asked = array_values(array_filter(
            $this->catalogue->questions,
            static fn (TeachBackQuestion $one): bool => $one->applies->holdsFor($features),
        ));
        $place = static fn (TeachBackQuestion $one): array => [$order[$one->step] ?? PHP_INT_MAX, $one->id];
        usort(
            $asked,
            static fn (TeachBackQuestion $a, TeachBackQuestion $b): int => $place($a) <=> $place($b),
        );

        return $asked;
    }

    /**
     * @param array<string, int> $answers the last answer by question
     * @return list<TeachBackQuestion> those that are not answered, or wrong
     */
    public function open(MachineModel $model, array $answers): array
    {
        return array_values(array_filter(
            $this->for($model),
            static fn (TeachBackQuestion $one): bool => ($answers[$one->id] ?? null) !== QuestionForm::RIGHT,
        ));
    }
}
