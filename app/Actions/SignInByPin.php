<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\Refused;
use App\Models\User;
use App\Tablets\TabletInHand;
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

    public function __construct(private TabletInHand $hand, private WriteAudit $audit)
    {
    }

    /** @throws Refused when the tablet is not enrolled, or the PIN does not open this account */
    public function __invoke(string $personId, string $pin): User
    {
        $tablet = $this->hand->tablet() ?? throw Refused::because('tablet_not_enrolled', 403);
        $person = User::query()->where('yard_id', $tablet->yard_id)->whereKey($personId)->first();
        if ($person === null || ! $person->mayUsePin()) {
            throw Refused::because('pin_not_for_this_person', 403);
        }
        if ($person->pin_tries >= self::TRIES) {
            throw Refused::because('pin_locked', 423);
        }
        // Counted before it is looked at, in one statement: many tries at once are as many tries.
        $counted = User::query()->whereKey($person->id)->where('pin_tries', '<', self::TRIES)->increment('pin_tries');
        if ($counted === 0 || ! Hash::check($pin, (string) $person->pin)) {
            $isLast = $person->refresh()->pin_tries >= self::TRIES;
            ($this->audit)($isLast ? AuditKind::PinLocked : AuditKind::PinRefused, $person, $person->name, after: ['tablet' => $tablet->name]);
            throw $isLast ? Refused::because('pin_locked', 423) : Refused::because('wrong_pin', 422, ['left' => self::TRIES - $person->pin_tries], ['pin' => [Words::say('problems.wrong_pin.title')]]);
        }
        $person->update(['pin_tries' => 0]);
        ($this->audit)(AuditKind::SignedInByPin, $person, $person->name, after: ['tablet' => $tablet->name]);

        return $person;
    }
}
