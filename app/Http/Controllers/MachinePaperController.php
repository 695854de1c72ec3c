<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Machine;
use App\Models\MachinePaper;
use App\Models\PaperKind;
use App\Models\User;
use App\Presenters\PresentMachine;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A paper of a machine is recorded; the one before of its kind stays where it is and counts no more. */
final readonly class MachinePaperController
{
    public function __construct(private JsonBody $body, private WriteAudit $audit)
    {
    }

    public function __invoke(
        Request $request,
        Machine $machine,
        PresentMachine $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-papers');
        $asked = JsonObject::of($this->body->of($request, 'RecordPaper'));
        $issued = self::day($asked, 'issued_on');
        $until = self::day($asked, 'valid_until');
        if ($issued !== null && $until !== null && $until < $issued) {
            throw ApiProblem::because(
                ProblemName::PaperEndsBeforeItBegins,
                422,
                [],
                ['valid_until' => [Words::say('problems.paper_ends_before_it_begins.title')]],
            );
        }
        $kind = PaperKind::from($asked->string('kind'));
        if ($kind->ends() && $until === null) {
            throw ApiProblem::because(
                ProblemName::PaperNeedsDate,
                422,
                [],
                ['valid_until' => [Words::say('problems.paper_needs_date.title')]],
            );
        }
        $number = trim((string) $asked->optionalString('number'));
        $paper = MachinePaper::query()->create([
            'machine_id' => $machine->id, 'kind' => $kind, 'number' => $number === '' ? null : $number,
            'issued_on' => $issued, 'valid_until' => $until, 'recorded_by_id' => $user->id, 'recorded_at' => CarbonImmutable::now(),
        ]);
        ($this->audit)(AuditKind::PaperRecorded, $user, $machine->fleet_number, after: array_filter([
            'paper' => $paper->kind->value, 'number' => $paper->number, 'valid_until' => $until,
        ]));

        return response()->json($present->detail($machine), 201);
    }

    /** @throws ApiProblem of a day that no calendar has */
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
