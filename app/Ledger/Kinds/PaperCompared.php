<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\DaysOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Payloads\PaperComparedPayload;
use App\Ledger\PostedBySystem;
use App\Ledger\SystemPart;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Check\Paper;
use JadeLedger\Core\Check\PaperKind;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\HireDays;
use JadeLedger\Core\Paper\JudgePaper;
use JadeLedger\Core\Paper\NotADate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Verdict;
use JadeLedger\Core\Walk\Judgement;

/**
 * A date on a paper was compared with the hire, or the serial of the plate with the record.
 *
 * @implements AnswersALine<PaperComparedPayload>
 */
final readonly class PaperCompared implements AnswersALine, PostedBySystem
{
    public function __construct(private UpdateWalkLine $lines, private DaysOfHire $days)
    {
    }

    public static function name(): string
    {
        return 'paper.compared';
    }

    public static function payload(): string
    {
        return PaperComparedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function mayBePostedBySystem(SystemPart $part): bool
    {
        return $part === SystemPart::Register;
    }

    public function judge(IncomingEntry $entry, WalkContext $context): AnswerJudgement
    {
        $check = $context->line($entry->payload->line)->check;
        $paper = $check->paper ?? throw ApiProblem::because(ProblemName::NotAPaper, 422, ['title' => $check->title]);
        $notNow = $context->inAnotherState($check);
        if ($notNow !== null) {
            return AnswerJudgement::of($notNow);
        }
        $judge = new JudgePaper($check);

        return AnswerJudgement::of(Judgement::valid($paper->kind === PaperKind::Serial
            ? $judge->serial(self::needed('serial', $entry->payload->serial), $context->walk->machine->serial)
            : $this->dated($judge, $paper, $entry->payload, ($this->days)($context->walk, $entry->recordedAt))));
    }

    private function dated(JudgePaper $judge, Paper $paper, PaperComparedPayload $said, HireDays $hire): Verdict
    {
        $hours = $paper->hours === null ? null : Quantity::of(self::needed('hours', $said->hours), Unit::Hour);
        $date = self::needed('date', $said->date);
        try {
            return $judge->dated($paper, CalendarDate::parse($date), $hours, $hire);
        } catch (NotADate) {
            throw ApiProblem::because(
                ProblemName::NoSuchDay,
                422,
                ['date' => mb_substr($date, 0, 20)],
                ['date' => [Words::say('problems.no_such_day.title')]],
            );
        }
    }

    private static function needed(string $member, string $text): string
    {
        return $text !== ''
            ? $text
            : throw ApiProblem::because(
                ProblemName::from("paper_needs_{$member}"),
                422,
                [],
                [$member => [Words::say("problems.paper_needs_{$member}.title")]],
            );
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
    }
}
