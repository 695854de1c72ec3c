<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Hires\ContestedHires;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Walk;
use JadeLedger\Core\Check\Movement;

/** Whether the walk of a movement may be opened. Reads only. */
final class OpeningOfWalk
{
    /** Its machine has left, with a walk or without one: there is nothing to walk out any more. */
    private const LEFT = [
        HireStatus::Out, HireStatus::Gone, HireStatus::WalkingIn, HireStatus::Returned, HireStatus::Closed,
    ];

    public static function alreadyOpen(Hire $hire, Movement $movement): ?Walk
    {
        return Walk::query()->where('hire_id', $hire->id)
            ->where('movement', $movement)
            ->whereNull('given_back_at')
            ->first();
    }

    /** @throws ApiProblem with what is in the way */
    public static function mustBeDue(Hire $hire, Movement $movement): void
    {
        $standing = $hire->refresh()->standing();
        if ($movement === Movement::Return && $standing !== HireStatus::Out) {
            throw ApiProblem::because(ProblemName::NotOutYet, 409, ['number' => $hire->machine->fleet_number]);
        }
        if ($movement === Movement::Checkout && in_array($standing, self::LEFT, true)) {
            throw ApiProblem::because(ProblemName::HireHasBegun, 409, ['folio' => $hire->folio]);
        }
        if ($standing === HireStatus::Cancelled) {
            throw ApiProblem::because(ProblemName::HireIsCancelled, 409, ['folio' => $hire->folio]);
        }
        if ($hire->machine->left_at !== null) {
            throw ApiProblem::because(ProblemName::MachineHasLeft, 409, ['number' => $hire->machine->fleet_number]);
        }
        $elsewhere = Hire::query()->where('machine_id', $hire->machine_id)->whereKeyNot($hire->id)
            ->whereHas(
                'state',
                static fn ($state) => $state->whereIn(
                    'standing',
                    [
                        HireStatus::WalkingOut,
                        HireStatus::Held,
                        HireStatus::Ready,
                        HireStatus::Out,
                        HireStatus::Gone,
                        HireStatus::WalkingIn,
                    ],
                ),
            )
            ->first();
        if ($elsewhere !== null) {
            throw ApiProblem::because(ProblemName::OnAnotherFolio, 409, [
                'number' => $hire->machine->fleet_number,
                'folio' => $elsewhere->folio,
            ]);
        }
        if ($movement === Movement::Checkout && $hire->machine->tags()->exists()) {
            throw ApiProblem::because(ProblemName::TagHangs, 409, ['number' => $hire->machine->fleet_number]);
        }
    }

    /** @throws ApiProblem where somebody else was promised the machine, too: who gets it is for the lead to say */
    public static function mustNotBeContested(Hire $hire, Movement $movement, ContestedHires $contested): void
    {
        $others = $movement === Movement::Checkout ? $contested->with($hire->id) : [];
        if ($others !== []) {
            throw ApiProblem::because(ProblemName::HireIsContested, 409, [
                'number' => $hire->machine->fleet_number, 'folios' => implode(', ', $others),
            ]);
        }
    }
}
