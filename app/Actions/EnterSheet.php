<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\EntryResult;
use App\Ledger\Kinds\StateCrossed;
use App\Ledger\RawEntry;
use App\Models\DoubtfulEntry;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Paper\EnteredSheet;
use App\Paper\FilledSheet;
use App\Texts;
use App\Words;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\SheetAct;
use Ramsey\Uuid\Uuid;

/**
 * A walk that was done with paper and pen is entered: one entry for each state and each line, in the order of the plan,
 * said by whoever went round and entered by somebody else or the same person.
 *
 * A state that is refused takes nothing behind it along: its lines would be answers in another state.
 */
final readonly class EnterSheet
{
    public function __construct(private PostEntries $post, private ContextOfWalk $context)
    {
    }

    /** @throws ApiProblem where nobody of the yard walked it */
    public function __invoke(Walk $walk, FilledSheet $sheet, User $by): EnteredSheet
    {
        $walker = $this->walker($sheet->walkedBy);

        return DB::transaction(function () use ($walk, $sheet, $walker, $by): EnteredSheet {
            // The lock of the write path, taken first: two who type the same sheet come one after the other.
            Machine::query()->whereKey($walk->machine_id)->lockForUpdate()->firstOrFail();
            $walk->refresh();
            $plan = ($this->context)($walk, $walker)->plan;
            $taken = $this->takenBefore($walk, $sheet);
            $keys = array_values(array_diff(array_map(strval(...), array_keys($sheet->answers)), array_keys($taken)));
            $open = array_values(array_intersect($keys, $this->open($walk)));
            $acts = SheetAct::inOrder($plan, $walk->stage, $open);
            $taken = array_values($taken);
            $refused = array_map(static fn (string $key): array => [
                'stage' => null, 'line' => $key,
                'problem' => Problem::named(
                    $plan->line($key) === null ? ProblemName::NoSuchLine : ProblemName::LineIsAnswered,
                    409,
                    ['line' => $plan->line($key)->check->title ?? mb_substr($key, 0, 90)],
                ),
            ], array_values(array_diff($keys, $open)));
            $behind = 0;
            foreach ($this->entries($sheet, $acts) as $at => $entry) {
                [$result] = ($this->post)($walk, [$entry], Actor::onPaper($walker, $by));
                if ($result->problem === null) {
                    $taken[] = $result;

                    continue;
                }
                $refused[] = [
                    'stage' => $acts[$at]->stageId, 'line' => $acts[$at]->line, 'problem' => $result->problem,
                ];
                if ($acts[$at]->stageId !== null) {
                    $behind = count(array_filter(
                        array_slice($acts, $at),
                        static fn (SheetAct $act): bool => $act->line !== null,
                    ));

                    break;
                }
            }

            return new EnteredSheet($taken, $refused, $behind);
        }, 3);
    }

    private function walker(string $id): User
    {
        $walker = User::query()->whereNull('left_at')->find($id);

        return $walker !== null && $walker->role->walks()
            ? $walker
            : throw ApiProblem::because(ProblemName::NobodyWhoWalks, 422, [], [
                'walked_by' => [Words::say('problems.nobody_who_walks.title')],
            ]);
    }

    /**
     * The same sheet may come twice: what it answered before is left as it is.
     *
     * @return array<string, EntryResult> by line
     */
    private function takenBefore(Walk $walk, FilledSheet $sheet): array
    {
        $lines = [];
        foreach ($sheet->answers as $key => $_) {
            $lines[self::idOf($sheet, $key)] = $key;
        }
        $before = [];
        $entries = LedgerEntry::query()->where('walk_id', $walk->id)->whereIn('id', array_keys($lines))->get();
        foreach ($entries as $entry) {
            $before[$lines[$entry->id]] = EntryResult::already($entry);
        }

        return $before;
    }

    /** @return list<string> lines that nobody has answered yet, on a tablet or on a sheet that waits for the lead */
    private function open(Walk $walk): array
    {
        $open = Texts::of(
            WalkLine::query()->where('walk_id', $walk->id)->where('outcome', Outcome::Open)->pluck('key'),
        );

        return array_values(array_diff($open, DoubtfulEntry::linesOf(DoubtfulEntry::waitingIn($walk->id))));
    }

    /**
     * @param list<SheetAct> $acts
     * @return list<\stdClass>
     */
    private function entries(FilledSheet $sheet, array $acts): array
    {
        $after = $sheet->times->of(array_map(static fn (SheetAct $act): int => $act->seconds, $acts));

        return array_map(static function (int $at, SheetAct $act, int $seconds) use ($sheet, $acts): \stdClass {
            $answer = $act->line === null ? null : $sheet->answers[$act->line];

            return RawEntry::of(
                $answer?->string('kind') ?? StateCrossed::name(),
                $answer?->object('payload')->byName() ?? [
                    'stage' => $act->stageId, 'confirmed' => $sheet->confirmed[(string) $act->stageId] ?? [],
                ] + array_filter(['second' => $sheet->second]),
                $sheet->begun->addSeconds($seconds),
                // A state may be entered more than once: it is told apart by the line that it was entered for.
                self::idOf($sheet, $act->line ?? "state for {$acts[$at + 1]->line}"),
            );
        }, array_keys($acts), $acts, $after);
    }

    private static function idOf(FilledSheet $sheet, string $what): string
    {
        return Uuid::uuid5($sheet->id, $what)->toString();
    }
}
