<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Catalogue\CatalogueRepository;
use App\Catalogue\ExamineModel;
use App\Catalogue\ModelSheet;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\Models\YardModel;
use App\Words;
use Carbon\CarbonImmutable;

/** Writes a model down for the yard. Walks that were planned before keep the model as it was. */
final readonly class SaveModel
{
    public function __construct(
        private CatalogueRepository $shelf,
        private ExamineModel $examine,
        private WriteAudit $audit,
    ) {
    }

    /** @return string id of the model */
    public function asNew(ModelSheet $sheet, User $user): string
    {
        $faults = $this->faultsOfNew($sheet);
        if ($faults !== []) {
            throw ApiProblem::because(ProblemName::ModelNotComplete, 422, ['count' => count($faults)], $faults);
        }

        return $this->keep($sheet, $user);
    }

    /** @throws ApiProblem when the model came with the catalogue, or the sheet belongs to another one */
    public function corrected(string $id, ModelSheet $sheet, User $user): string
    {
        if (! YardModel::query()->where('model_id', $id)->exists()) {
            throw isset($this->shelf->current()->models[$id])
                ? ApiProblem::because(ProblemName::ModelOfTheCatalogue, 409)
                : ApiProblem::because(ProblemName::NotFound, 404);
        }
        $faults =
            $sheet->id() === $id ? $this->examine->faultsOf($sheet) : ['name' => [Words::say('models.name_stays')]];
        if ($faults !== []) {
            throw ApiProblem::because(ProblemName::ModelNotComplete, 422, ['count' => count($faults)], $faults);
        }

        return $this->keep($sheet, $user);
    }

    /** @return array<string, list<string>> */
    public function faultsOfNew(ModelSheet $sheet): array
    {
        if ($this->isThere($sheet)) {
            return ['name' => [Words::say('models.is_there_already', ['model' => "{$sheet->maker} {$sheet->name}"])]];
        }

        return $this->examine->faultsOf($sheet);
    }

    private function isThere(ModelSheet $sheet): bool
    {
        $called = static fn (string $maker, string $name): string => strtolower(
            (string) preg_replace('/[^A-Za-z0-9]+/', '', $maker.$name),
        );
        foreach ($this->shelf->current()->models as $model) {
            if (
                $model->id === $sheet->id() ||
                $called($model->maker, $model->name) === $called($sheet->maker, $sheet->name)
            ) {
                return true;
            }
        }

        return false;
    }

    private function keep(ModelSheet $sheet, User $user): string
    {
        $before = YardModel::query()->where('model_id', $sheet->id())->orderByDesc('id')->first();
        ($this->audit)(
            AuditKind::ModelKept,
            $user,
            "{$sheet->maker} {$sheet->name}",
            $before->body ?? [],
            $body = $sheet->tree($this->examine->fields($sheet->family, $sheet->features)),
        );
        YardModel::query()->create([
            'model_id' => $sheet->id(),
            'body' => $body,
            'kept_by_id' => $user->id,
            'kept_at' => CarbonImmutable::now(),
        ]);
        $this->shelf->forget();

        return $sheet->id();
    }
}
