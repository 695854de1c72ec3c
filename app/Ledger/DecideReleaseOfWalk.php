<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\JsonObject;
use App\Models\Finding;
use App\Models\Tag;
use App\Models\Walk;
use App\Models\WalkLine;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\ReleaseDecision;
use JadeLedger\Core\Release\TagState;
use JadeLedger\Core\Verdict\Outcome;

/** Asks the core whether the machine of a walk may go: every line of the walk and every finding on the machine. */
final class DecideReleaseOfWalk
{
    /** The reasons of verdicts on a dated paper that is valid; their figures name the last day. */
    private const VALID_PAPER = ['paper.valid', 'paper.registered'];

    public function __construct(private readonly ServiceOnHire $service)
    {
    }

    /**
     * @param Catalogue|null $catalogue for the titles; without it, lines are named by their checks
     * @param CalendarDate|null $today in the yard's zone: papers that ran out by then no longer stand, and service that
     *                                 is due counts; without it nothing depends on the day, as a rebuild needs it
     */
    public function __invoke(Walk $walk, ?Catalogue $catalogue = null, ?CalendarDate $today = null): ReleaseDecision
    {
        $tag = Tag::query()->where('machine_id', $walk->machine_id)->whereNull('lifted_at')->exists()
            ? TagState::Hanging
            : TagState::None;

        $service = $today === null ? [] : array_map(
            static fn (ServiceGround $ground): JudgedLine => $ground->line(),
            $this->service->of($walk, $today),
        );

        return (new DecideRelease)->of([...$this->judged($walk, $catalogue, $today), ...$service], $tag);
    }

    /** @return list<JudgedLine> every line of the walk, and every finding on the machine that is not mended */
    public function judged(Walk $walk, ?Catalogue $catalogue = null, ?CalendarDate $today = null): array
    {
        $lines = $walk
            ->lines()
            ->get()
            ->map(
                static fn (WalkLine $line): JudgedLine => JudgedLine::check(
                    $line->key,
                    $catalogue?->check($line->check_id)->title ?? $line->check_id,
                    $line->severity,
                    self::outcomeOn($line, $today),
                ),
            )
            ->all();
        $findings = Finding::query()
            ->where('machine_id', $walk->machine_id)
            ->where('is_struck', false)
            ->whereNull('mended_at')
            ->orderBy('number')
            ->get()
            ->map(
                static fn (Finding $finding): JudgedLine => JudgedLine::finding(
                    $finding->id,
                    ($catalogue?->findingKind($finding->kind)->name ?? $finding->kind).", {$finding->part}",
                    $finding->severity,
                ),
            )
            ->all();

        return [...array_values($lines), ...array_values($findings)];
    }

    /** The last day on which every paper that stands still does; none where no paper has a date. */
    public function goodUntil(Walk $walk): ?CalendarDate
    {
        $days = array_filter(
            $walk->lines()->get()->map(static fn (WalkLine $line): ?string => self::lastDayOf($line)?->text())->all(),
        );

        return $days === [] ? null : CalendarDate::parse(min($days));
    }

    private static function outcomeOn(WalkLine $line, ?CalendarDate $today): Outcome
    {
        $last = $today === null ? null : self::lastDayOf($line);
        if ($last === null || ! $last->isBefore($today)) {
            return $line->outcome;
        }

        return $line->severity === Severity::Stop ? Outcome::Stop : Outcome::Attend;
    }

    private static function lastDayOf(WalkLine $line): ?CalendarDate
    {
        $reason = JsonObject::of($line->judgement ?? [])->optionalObject('verdict')?->optionalObject('reason');

        return $reason !== null && $line->outcome === Outcome::Stands
            && in_array($reason->optionalString('key'), self::VALID_PAPER, true)
                ? CalendarDate::parse($reason->object('figures')->string('due'))
                : null;
    }
}
