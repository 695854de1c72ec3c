<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\SiteAnsweredPayload;
use App\Models\HireSiteAnswer;
use App\Models\LedgerEntry;
use App\Models\User;
use Ramsey\Uuid\Uuid;

/**
 * What the hirer says of the place: it decides which cautions and which limits hold there. The last answer counts.
 *
 * @implements EntryOfHire<SiteAnsweredPayload>
 */
final readonly class SiteAnswered implements EntryOfHire
{
    public function __construct(private CatalogueRepository $catalogue)
    {
    }

    public static function name(): string
    {
        return 'site.answered';
    }

    public static function payload(): string
    {
        return SiteAnsweredPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->handsOver() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $asked = array_column($this->catalogue->current()->siteQuestions, 'id');
        foreach (array_keys($entry->payload->answers) as $question) {
            if (! in_array($question, $asked, true)) {
                throw ApiProblem::because(ProblemName::NoSuchSiteQuestion, 422, [
                    'question' => $question,
                    'known' => implode(', ', $asked),
                ]);
            }
        }

        return new NothingJudged();
    }

    public function project(LedgerEntry $entry): void
    {
        foreach (SiteAnsweredPayload::read($entry->payload())->answers as $question => $answer) {
            HireSiteAnswer::query()->updateOrCreate(
                ['hire_id' => $entry->hire_id, 'question' => $question],
                [
                    'id' => Uuid::uuid5($entry->id, $question)->toString(),
                    'answer' => $answer->value,
                    'entry_id' => $entry->id,
                    'said_at' => $entry->recorded_at,
                    'said_by_id' => $entry->actor_id,
                ],
            );
        }
    }
}
