<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Finding;
use App\Models\Tag;
use App\Models\Walk;
use App\Models\WalkLine;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\ReleaseDecision;
use JadeLedger\Core\Release\TagState;

/** Asks the core whether the machine of a walk may go: every line of the walk and every finding on the machine. */
final class DecideReleaseOfWalk
{
    public function __invoke(Walk $walk, Catalogue $catalogue): ReleaseDecision
    {
        $tag = Tag::query()->where('machine_id', $walk->machine_id)->whereNull('lifted_at')->exists() ? TagState::Hanging : TagState::None;

        return (new DecideRelease)->of($this->judged($walk, $catalogue), $tag);
    }

    /** @return list<JudgedLine> every line of the walk, and every finding on the machine that is not mended */
    public function judged(Walk $walk, Catalogue $catalogue): array
    {
        $lines = $walk->lines()->get()
            ->map(static fn (WalkLine $line): JudgedLine => JudgedLine::check($line->key, $catalogue->check($line->check_id)->title, $line->severity, $line->outcome))
            ->all();
        $findings = Finding::query()->where('machine_id', $walk->machine_id)->where('is_struck', false)->whereNull('mended_at')->orderBy('number')->get()
            ->map(static fn (Finding $finding): JudgedLine => JudgedLine::finding($finding->id, "{$catalogue->findingKind($finding->kind)->name}, {$finding->part}", $finding->severity))
            ->all();

        return [...array_values($lines), ...array_values($findings)];
    }
}
