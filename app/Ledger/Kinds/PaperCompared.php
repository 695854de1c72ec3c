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
use App\Models\MachineStatus;
use App\Models\User;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonInterface;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\HireDays;
use JadeLedger\Core\Paper\JudgePaper;
use JadeLedger\Core\Paper\NotADate;
use JadeLedger\Core\Paper\Paper;
use JadeLedger\Core\Paper\PaperKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Judgement;
use JadeLedger\Core\Reading\Verdict;

/** A date on a paper was compared with the hire, or the serial of the plate with the record. */
final readonly class PaperCompared implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines, private CurrentYard $yard)
    {
    }

    public static function name(): string
    {
        return 'paper.compared';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $check = $context->line($entry->text('line'))->check;
        $paper = $check->paper ?? throw ApiProblem::because(ProblemName::NotAPaper, 422, ['title' => $check->title]);
        $notNow = $context->inAnotherState($check);
        if ($notNow !== null) {
            return JudgementRecord::of($notNow);
        }
        $judge = new JudgePaper($check);

        return JudgementRecord::of(Judgement::valid($paper->kind === PaperKind::Serial
            ? $judge->serial($this->needed($entry, 'serial'), $context->walk->machine->serial)
            : $this->dated($judge, $paper, $entry, $context)));
    }

    private function dated(JudgePaper $judge, Paper $paper, IncomingEntry $entry, PostingContext $context): Verdict
    {
        $hours = $paper->hours === null ? null : Quantity::of($this->needed($entry, 'hours'), Unit::Hour);
        $date = $this->needed($entry, 'date');
        try {
            return $judge->dated($paper, CalendarDate::parse($date), $hours, $this->hireDays($context, $entry->recordedAt));
        } catch (NotADate) {
            throw ApiProblem::because(ProblemName::NoSuchDay, 422, ['date' => mb_substr($date, 0, 20)], ['date' => [Words::say('problems.no_such_day.title')]]);
        }
    }

    private function needed(IncomingEntry $entry, string $member): string
    {
        $text = trim($entry->text($member));

        return $text !== '' ? $text : throw ApiProblem::because(ProblemName::from("paper_needs_{$member}"), 422, [], [$member => [Words::say("problems.paper_needs_{$member}.title")]]);
    }

    /** What comes back only has to be covered until today. */
    private function hireDays(PostingContext $context, CarbonInterface $now): HireDays
    {
        $day = fn (CarbonInterface $moment): CalendarDate => CalendarDate::parse($moment->toImmutable()->setTimezone($this->yard->timezone())->format('Y-m-d'));
        $smr = MachineStatus::query()->find($context->walk->machine_id)?->smr_hours;

        return new HireDays(
            $day($now),
            $context->walk->movement === Movement::Checkout ? $day($context->walk->hire->comes_back_at) : $day($now),
            $smr === null ? null : Quantity::of($smr, Unit::Hour),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
    }
}
