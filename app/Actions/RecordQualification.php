<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\QualificationRecord;
use App\Models\User;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\NotADate;
use JadeLedger\Core\People\Qualification;

/** Writes down that a person is qualified for something until a day; a day that has passed takes it away. */
final readonly class RecordQualification
{
    public function __construct(private CatalogueRepository $shelf, private WriteAudit $audit)
    {
    }

    public function __invoke(User $person, string $qualification, string $validUntil, string $proof, User $by): void
    {
        $known = array_map(static fn (Qualification $one): string => $one->id, $this->shelf->current()->qualifications);
        if (! in_array($qualification, $known, true)) {
            throw ApiProblem::because(ProblemName::NotFound, 404);
        }
        if ($person->id === $by->id) {
            throw ApiProblem::because(ProblemName::NotOnesOwnQualification, 403);
        }
        try {
            $until = CalendarDate::parse($validUntil);
        } catch (NotADate) {
            throw ApiProblem::because(
                ProblemName::NoSuchDay,
                422,
                ['date' => mb_substr($validUntil, 0, 20)],
                ['valid_until' => [Words::say('problems.no_such_day.title')]],
            );
        }
        $before = QualificationRecord::query()
            ->where('user_id', $person->id)
            ->where('qualification', $qualification)
            ->orderByDesc('id')
            ->first();
        ($this->audit)(
            AuditKind::QualificationRecorded,
            $by,
            "{$person->name}: {$qualification}",
            $before === null ? [] : ['valid_until' => substr($before->valid_until, 0, 10)],
            ['valid_until' => $until->text(), 'proof' => $proof],
        );
        QualificationRecord::query()->create([
            'user_id' => $person->id,
            'qualification' => $qualification,
            'valid_until' => $until->text(),
            'proof' => $proof,
            'recorded_by_id' => $by->id,
            'recorded_at' => CarbonImmutable::now(),
        ]);
    }
}
