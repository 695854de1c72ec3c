<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\IncomingEntry;
use App\Ledger\JudgementRecord;
use App\Ledger\PostingContext;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Fault\Dashboard;
use JadeLedger\Core\Fault\JudgeDashboard;
use JadeLedger\Core\Fault\Lamp;
use JadeLedger\Core\Fault\NoSuchCode;
use JadeLedger\Core\Fault\TroubleCode;
use JadeLedger\Core\Reading\Judgement;

/** The lamps that are lit and the codes that are active were written down. */
final readonly class DashboardRead implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'dashboard.read';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $check = $context->line($entry->text('line'))->check;
        if ($check->answer !== AnswerKind::Dashboard) {
            throw ApiProblem::because(ProblemName::NotADashboard, 422, ['title' => $check->title]);
        }
        $notNow = $context->inAnotherState($check);
        if ($notNow !== null) {
            return JudgementRecord::of($notNow);
        }

        return JudgementRecord::of(Judgement::valid((new JudgeDashboard)->judge($check, new Dashboard(
            array_map(Lamp::from(...), array_values(array_unique($entry->texts('lamps')))),
            array_map($this->code(...), array_values($entry->payload->codes)),
        ))));
    }

    private function code(\stdClass $code): TroubleCode
    {
        try {
            return TroubleCode::of($code->spn, $code->fmi);
        } catch (NoSuchCode) {
            throw ApiProblem::because(ProblemName::NoSuchCode, 422, ['spn' => $code->spn, 'fmi' => $code->fmi], ['codes' => [Words::say('problems.no_such_code.title')]]);
        }
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
    }
}
