<?php

declare(strict_types=1);

namespace App\People;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\Tablets\CurrentDevice;
use App\Words;
use Illuminate\Support\Facades\Hash;

/**
 * Whether a secret is that of a person who stands beside a tablet that somebody else works on: the PIN on an enrolled
 * tablet, anywhere else the password. After five wrong ones in a row it is locked until the person signed in by
 * password.
 */
final readonly class CheckSecret
{
    public const TRIES = 5;

    public function __construct(private CurrentDevice $hand, private WriteAudit $audit)
    {
    }

    /** @throws ApiProblem when it is the wrong one, or locked */
    public function __invoke(User $person, string $secret): void
    {
        if ($person->pin_tries >= self::TRIES) {
            throw ApiProblem::because(ProblemName::SecondLocked, 423, ['name' => $person->name]);
        }
        // Counted before it is looked at, in one statement and outside of what may be taken back: see Untransacted.
        $counted = User::query()->whereKey($person->id)->where('pin_tries', '<', self::TRIES)->increment('pin_tries');
        if ($counted > 0 && $this->isTheirs($person, $secret)) {
            $person->update(['pin_tries' => 0]);

            return;
        }
        $isLast = $person->refresh()->pin_tries >= self::TRIES;
        ($this->audit)(
            $isLast ? AuditKind::PinLocked : AuditKind::PinRefused,
            $person,
            $person->name,
            after: ['as' => 'second person', 'tablet' => $this->hand->tablet()?->name],
        );
        throw $isLast
            ? ApiProblem::because(ProblemName::SecondLocked, 423, ['name' => $person->name])
            : ApiProblem::because(
                ProblemName::SecondSecretWrong,
                422,
                ['name' => $person->name, 'left' => self::TRIES - $person->pin_tries],
                ['second' => [Words::say('problems.second_secret_wrong.title')]],
            );
    }

    private function isTheirs(User $person, string $secret): bool
    {
        if (
            $this->hand->tablet()?->yard_id === $person->yard_id
            && $person->mayUsePin()
            && Hash::check($secret, (string) $person->pin)
        ) {
            return true;
        }

        return Hash::check($secret, $person->password);
    }
}
