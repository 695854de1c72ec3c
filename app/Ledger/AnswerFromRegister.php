<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\JsonObject;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Kinds\PaperCompared;
use App\Ledger\Payloads\PaperComparedPayload;
use App\Models\MachinePaper;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\JudgePaper;
use JadeLedger\Core\Walk\Judgement;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * Answers the lines of a walk whose paper the yard's register has, as it is opened: entries of the system, of papers
 * that last until the hire ends. Where something is missing or ends before, somebody looks.
 *
 * The caller holds the lock on the row of the machine, inside a transaction.
 */
final readonly class AnswerFromRegister
{
    public function __construct(private AppendEntry $append, private DaysOfHire $days)
    {
    }

    public function __invoke(Walk $walk, WalkPlan $plan): void
    {
        $papers = [];
        foreach (MachinePaper::ofMachine($walk->machine_id) as $paper) {
            $papers[$paper->kind->value] = $paper;
        }
        foreach ($papers === [] ? [] : $plan->lines() as $line) {
            $paper = $papers[$line->check->paper->register ?? ''] ?? null;
            if ($paper !== null) {
                $this->answer($walk, $line, $paper);
            }
        }
    }

    private function answer(Walk $walk, PlannedLine $line, MachinePaper $paper): void
    {
        $asked = $line->check->paper;
        $until = self::day($paper->valid_until);
        $now = CarbonImmutable::now();
        $verdict = $asked === null || $until === null ? null : (new JudgePaper($line->check))->registered(
            $asked,
            $until,
            self::day($paper->issued_on),
            ($this->days)($walk, $now),
        );
        if ($verdict === null) {
            return;
        }
        $issued = self::day($paper->issued_on)?->text();
        $said = (object) (['line' => $line->key] + ($issued === null ? [] : ['date' => $issued]));
        ($this->append)(
            new IncomingEntry(
                (string) Str::uuid7(),
                PaperCompared::name(),
                $now,
                null,
                PaperComparedPayload::read(JsonObject::of($said)),
                $said,
            ),
            AnswerJudgement::of(Judgement::valid($verdict)),
            ChainHead::of($walk->machine_id),
            EntryPlace::walk($walk),
            Actor::system(SystemPart::Register),
        );
    }

    private static function day(?CarbonImmutable $day): ?CalendarDate
    {
        return $day === null ? null : CalendarDate::parse($day->format('Y-m-d'));
    }
}
