<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Language;
use App\Models\Role;
use App\Models\Units;
use App\Models\User;
use App\Models\Yard;
use App\Words;
use App\Yards\CurrentYard;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The first yard of an installation, and who leads it. Only while there is nobody at all. */
final readonly class OpenYard
{
    public function __construct(private CurrentYard $yard, private WriteAudit $audit, private ChooseHouseRule $choose)
    {
    }

    /** Whether there is nobody who could sign in. */
    public static function isOpenToAll(): bool
    {
        return User::query()->withoutGlobalScopes()->doesntExist();
    }

    /**
     * @param array{name: string, place: string, timezone: string, currency: string} $of
     * @param array{name: string, login: string, initials: string, password: string} $lead
     * @param array<string, string> $rules house rules that were said at the opening: units, law of the place
     *
     * @throws ApiProblem where somebody was faster
     */
    public function __invoke(array $of, array $lead, Language $language, array $rules): User
    {
        // One after the other: of two who open it at once the second is told.
        $open = function () use ($of, $lead, $language, $rules): User {
            if (! self::isOpenToAll()) {
                throw ApiProblem::because(ProblemName::YardIsOpen, 409);
            }
            $yard = Yard::query()->orderBy('created_at')->first() ?? new Yard;
            $yard->fill($of)->save();
            $this->yard->stepInto($yard);
            $person = User::query()->create(['role' => Role::Lead, 'language' => $language] + $lead);
            ($this->audit)(AuditKind::YardOpened, $person, $yard->name, after: $of + ['lead' => $person->login]);
            foreach ($rules as $rule => $value) {
                ($this->choose)($rule, $value, Words::say('words.chosen_at_opening'), $person);
            }

            return $person;
        };

        $lock = Cache::lock('yard-opening', 20);
        $lock->block(10);
        try {
            return DB::transaction($open);
        } finally {
            $lock->release();
        }
    }
}
