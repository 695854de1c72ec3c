<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\Tablets\CurrentDevice;
use App\Words;
use Illuminate\Support\Facades\Hash;

/**
 * Lets somebody who is on shift in on an enrolled tablet.
 *
 * A PIN is short, so it opens little: no lead's account, no other tablet, and after five wrong ones in a row nothing
 * until the password was given.
 */
final readonly class SignInByPin
{
    public const TRIES = 5;

    public function __construct(private CurrentDevice $hand, private WriteAudit $audit)
    {
    }

    /** @throws ApiProblem when the tablet is not enrolled, or the PIN does not open this account */
    public function __invoke(string $personId, string $pin): User
    {
        $tablet = $this->hand->tablet() ?? throw ApiProblem::because(ProblemName::TabletNotEnrolled, 403);
        $person = User::query()->where('yard_id', $tablet->yard_id)->whereKey($personId)->first();
        if ($person === null || ! $person->mayUsePin()) {
            throw ApiProblem::because(ProblemName::PinNotForThisPerson, 403);
        }
        if ($person->pin_tries >= self::TRIES) {
            throw ApiProblem::because(ProblemName::PinLocked, 423);
        }
        // Counted before it is looked at, in one statement: many tries at once are as many tries.
        $counted = User::query()->whereKey($person->id)->where('pin_tries', '<', self::TRIES)->increment('pin_tries');
        if ($counted === 0 || ! Hash::check($pin, (string) $person->pin)) {
            $isLast = $person->refresh()->pin_tries >= self::TRIES;
            ($this->audit)(
                $isLast ? AuditKind::PinLocked : AuditKind::PinRefused,
                $person,
                $person->name,
                after: ['tablet' => $tablet->name],
            );
            throw $isLast
                ? ApiProblem::because(ProblemName::PinLocked, 423)
                : ApiProblem::because(
                    ProblemName::WrongPin,
                    422,
                    ['left' => self::TRIES - $person->pin_tries],
                    ['pin' => [Words::say('problems.wrong_pin.title')]],
                );
        }
        $person->update(['pin_tries' => 0]);
        ($this->audit)(AuditKind::SignedInByPin, $person, $person->name, after: ['tablet' => $tablet->name]);

        return $person;
    }
}
