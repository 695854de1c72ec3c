<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\CarriedLines;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AffirmedLine;
use App\Ledger\Judgements\LinesAffirmedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\LinesAffirmedPayload;
use App\Ledger\UpdateWalkLine;
use App\Ledger\WalkSnapshot;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\WalkLine;
use JadeLedger\Core\Carry\LineCarried;
use JadeLedger\Core\Verdict\Outcome;

/**
 * Somebody stood there and affirmed lines that were looked at on the return walk and have not changed since.
 *
 * @implements EntryOfWalk<LinesAffirmedPayload>
 */
final readonly class LinesAffirmed implements EntryOfWalk
{
    public function __construct(private CarriedLines $carried, private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'lines.affirmed';
    }

    public static function payload(): string
    {
        return LinesAffirmedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $carried = [];
        foreach (($this->carried)($context, WalkSnapshot::read($context->walk)) as $one) {
            $carried[$one->line->key] = $one;
        }
        $open = WalkLine::query()->where('walk_id', $context->walk->id)
            ->whereIn('key', array_keys($entry->payload->lines))
            ->where('outcome', Outcome::Open)
            ->pluck('key')
            ->all();
        foreach ($entry->payload->lines as $key => $from) {
            $line = $context->line($key);
            if ($context->inAnotherState($line->check) !== null) {
                throw ApiProblem::because(ProblemName::AffirmedElsewhere, 409, ['title' => $line->check->title]);
            }
            if (! in_array($key, $open, true) || $carried[$key]->from?->entryId !== $from) {
                throw ApiProblem::because(ProblemName::NotCarried, 409, ['title' => $line->check->title]);
            }
        }
        $names = $this->names(array_values($entry->payload->lines));

        return new LinesAffirmedJudgement(array_map(
            static fn (string $key, LineCarried $one): AffirmedLine => new AffirmedLine(
                $key,
                (string) $one->from?->entryId,
                (string) $one->from?->day->text(),
                $names[(string) $one->from?->entryId] ?? '',
                $one->from?->read,
            ),
            array_keys($entry->payload->lines),
            array_map(static fn (string $key): LineCarried => $carried[$key], array_keys($entry->payload->lines)),
        ));
    }

    /**
     * @param list<string> $entries
     * @return array<string, string> names of whoever posted them, by id
     */
    private function names(array $entries): array
    {
        return LedgerEntry::query()->with('actor')->whereIn('id', $entries)->get(['id', 'actor_id'])
            ->mapWithKeys(static fn (LedgerEntry $one): array => [$one->id => $one->actor->name ?? ''])
            ->all();
    }

    public function project(LedgerEntry $entry): void
    {
        foreach (LinesAffirmedJudgement::read($entry->judgement())->lines as $line) {
            $this->lines->affirm($entry, $line);
        }
    }
}
