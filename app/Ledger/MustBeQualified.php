<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Models\QualificationRecord;
use App\Models\User;
use App\Presenters\WrittenDate;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\People\Competence;
use JadeLedger\Core\People\HeldQualification;
use JadeLedger\Core\People\NotQualified;

/** Asks the core whether a person may put power on the machine of a walk, or mend it, on the day of an act. */
final class MustBeQualified
{
    public function __construct(private readonly CurrentYard $yard)
    {
    }

    /**
     * On the day of the act and on the day on which the yard takes it; who was qualified only then leaves a doubt.
     *
     * @throws ApiProblem with what is missing
     */
    public function __invoke(
        User $person,
        AskedFor $what,
        WalkContext $context,
        CarbonInterface $at,
        ?Doubts $doubts = null,
    ): void {
        $missing = $this->missing($person, $what, $context, $at);
        if ($missing === null) {
            $missing = $this->missing($person, $what, $context, CarbonImmutable::now());
            if ($missing === null || $context->isConfirmedByTheLead) {
                return;
            }
            if ($doubts !== null) {
                $doubts->add(Doubt::QualificationSince);

                return;
            }
        }
        throw ApiProblem::because(
            $missing->ranOut === null ? ProblemName::NotQualified : ProblemName::QualificationRanOut,
            403,
            [
                'name' => $person->name,
                'qualification' => $missing->qualification->name,
                'date' => $missing->ranOut === null ? '' : WrittenDate::day($missing->ranOut),
            ],
        );
    }

    private function missing(User $person, AskedFor $what, WalkContext $context, CarbonInterface $at): ?NotQualified
    {
        return (new Competence($context->catalogue()->qualifications, self::heldBy($person)))->missing(
            $what,
            $context->catalogue()->featuresOf($context->model),
            $this->yard->dayOf($at),
        );
    }

    /** @return list<HeldQualification> of each qualification what was recorded last */
    public static function heldBy(User $person): array
    {
        $last = QualificationRecord::query()
            ->where('user_id', $person->id)
            ->orderBy('id')
            ->get()
            ->keyBy('qualification');

        return array_values(
            $last
                ->map(
                    static fn (QualificationRecord $record): HeldQualification => new HeldQualification(
                        $record->qualification,
                        CalendarDate::parse(substr($record->valid_until, 0, 10)),
                    ),
                )
                ->all(),
        );
    }
}
