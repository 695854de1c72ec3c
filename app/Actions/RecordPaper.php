<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Machine;
use App\Models\MachinePaper;
use App\Models\PaperKind;
use App\Models\Photo;
use App\Models\User;
use App\Words;
use Carbon\CarbonImmutable;

/** Records a paper of a machine; the one before of its kind stays where it is and counts no more. */
final readonly class RecordPaper
{
    public function __construct(private WriteAudit $audit)
    {
    }

    /**
     * @param JsonObject $asked a RecordPaper of the contract
     *
     * @throws ApiProblem of a day that no calendar has, or a paper that says nothing of its end
     */
    public function __invoke(Machine $machine, JsonObject $asked, User $by): void
    {
        $issued = self::day($asked, 'issued_on');
        $until = self::day($asked, 'valid_until');
        if ($issued !== null && $until !== null && $until < $issued) {
            throw self::wrong(ProblemName::PaperEndsBeforeItBegins);
        }
        $kind = PaperKind::from($asked->string('kind'));
        if ($kind->ends() && $until === null) {
            throw self::wrong(ProblemName::PaperNeedsDate);
        }
        $photos = self::photos($asked);
        if ($kind === PaperKind::Plate && $photos === []) {
            throw ApiProblem::because(ProblemName::PlateNeedsPicture, 422, [], [
                'photos' => [Words::say('problems.plate_needs_picture.title')],
            ]);
        }
        $number = trim((string) $asked->optionalString('number'));
        $paper = MachinePaper::query()->create([
            'machine_id' => $machine->id, 'kind' => $kind, 'number' => $number === '' ? null : $number,
            'issued_on' => $issued, 'valid_until' => $until, 'photos' => $photos === [] ? null : $photos,
            'recorded_by_id' => $by->id, 'recorded_at' => CarbonImmutable::now(),
        ]);
        ($this->audit)(AuditKind::PaperRecorded, $by, $machine->fleet_number, after: array_filter([
            'paper' => $paper->kind->value, 'number' => $paper->number, 'valid_until' => $until,
            'photos' => implode(', ', $photos),
        ]));
    }

    /**
     * @return list<string>
     *
     * @throws ApiProblem where a picture has not arrived
     */
    private static function photos(JsonObject $asked): array
    {
        $photos = $asked->has('photos') ? $asked->strings('photos') : [];
        if (Photo::query()->whereIn('sha256', $photos)->count() !== count($photos)) {
            throw ApiProblem::because(ProblemName::PhotoNotHere, 422, [], [
                'photos' => [Words::say('problems.photo_not_here.title')],
            ]);
        }

        return $photos;
    }

    private static function wrong(ProblemName $problem): ApiProblem
    {
        return ApiProblem::because(
            $problem,
            422,
            [],
            ['valid_until' => [Words::say("problems.{$problem->value}.title")]],
        );
    }

    private static function day(JsonObject $asked, string $name): ?string
    {
        $day = $asked->optionalString($name);
        if ($day === null) {
            return null;
        }

        return CarbonImmutable::createFromFormat('!Y-m-d', $day, 'UTC')?->format('Y-m-d') === $day
            ? $day
            : throw ApiProblem::because(
                ProblemName::NoSuchDay,
                422,
                ['date' => $day],
                [$name => [Words::say('problems.no_such_day.title')]],
            );
    }
}
