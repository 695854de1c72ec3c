<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Payloads\ActiveCode;
use App\Ledger\Payloads\DashboardReadPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Fault\Dashboard;
use JadeLedger\Core\Fault\JudgeDashboard;
use JadeLedger\Core\Fault\NoSuchCode;
use JadeLedger\Core\Fault\TroubleCode;
use JadeLedger\Core\Walk\Judgement;

/**
 * The lamps that are lit and the codes that are active were written down.
 *
 * @implements AnswersALine<DashboardReadPayload>
 */
final readonly class DashboardRead implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'dashboard.read';
    }

    public static function payload(): string
    {
        return DashboardReadPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): AnswerJudgement
    {
        $check = $context->line($entry->payload->line)->check;
        if ($check->answer !== AnswerKind::Dashboard) {
            throw ApiProblem::because(ProblemName::NotADashboard, 422, ['title' => $check->title]);
        }
        $notNow = $context->inAnotherState($check);
        if ($notNow !== null) {
            return AnswerJudgement::of($notNow);
        }

        return AnswerJudgement::of(Judgement::valid((new JudgeDashboard)->judge($check, new Dashboard(
            $entry->payload->lamps,
            array_map($this->code(...), $entry->payload->codes),
            $entry->payload->signals,
        ))));
    }

    private function code(ActiveCode $code): TroubleCode
    {
        try {
            return TroubleCode::of($code->spn, $code->fmi);
        } catch (NoSuchCode) {
            throw ApiProblem::because(
                ProblemName::NoSuchCode,
                422,
                ['spn' => $code->spn, 'fmi' => $code->fmi],
                ['codes' => [Words::say('problems.no_such_code.title')]],
            );
        }
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
    }
}
