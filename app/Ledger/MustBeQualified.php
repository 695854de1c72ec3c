<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\Refused;
use App\Models\QualificationRecord;
use App\Models\User;
use App\Yards\YardInHand;
use Carbon\CarbonInterface;
use JadeLedger\Core\Catalogue\AskedFor;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\People\Competence;
use JadeLedger\Core\People\HeldQualification;

/** Asks the core whether a person may put power on the machine of a walk, or mend it, on the day of an act. */
final class MustBeQualified
{
    public function __construct(private readonly YardInHand $yard)
    {
    }

    /** @throws Refused with what is missing */
    public function __invoke(User $person, AskedFor $what, PostingContext $context, CarbonInterface $at): void
    {
        $today = CalendarDate::parse($at->toImmutable()->setTimezone($this->yard->timezone())->format('Y-m-d'));
        $missing = (new Competence($context->catalogue->qualifications, self::heldBy($person)))->missing($what, $context->catalogue->featuresOf($context->model), $today);
        if ($missing === null) {
            return;
        }
        throw Refused::because($missing->ranOut === null ? 'not_qualified' : 'qualification_ran_out', 403, [
            'name' => $person->name,
            'qualification' => $missing->qualification->name,
            'date' => $missing->ranOut?->text() ?? '',
        ]);
    }

    /** @return list<HeldQualification> of each qualification what was recorded last */
    public static function heldBy(User $person): array
    {
        $last = QualificationRecord::query()->where('user_id', $person->id)->orderBy('id')->get()->keyBy('qualification');

        return array_values($last->map(static fn (QualificationRecord $record): HeldQualification => new HeldQualification($record->qualification, CalendarDate::parse(substr($record->valid_until, 0, 10))))->all());
    }
}
