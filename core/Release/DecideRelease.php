<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Verdict\Outcome;

/**
 * Whether the machine may go out, and what forbids it.
 *
 * A stop finding, a stop verdict or a tag on the machine tags it out. A stop check that is not answered holds it, and
 * nobody can release over it. Anything graded hold keeps it in the yard until it stands or the lead lets it go with a
 * condition. Notes are mentioned and go out. Common practice, no source.
 */
final readonly class DecideRelease
{
    /** @param  list<JudgedLine>  $lines */
    public function of(array $lines, TagState $tag): ReleaseDecision
    {
        $grounds = [];
        foreach ($lines as $line) {
            $lifted = self::liftedBy($line);
            if ($lifted !== null) {
                $grounds[] = new Ground($line->reference, $line->title, $line->outcome, $line->severity, $lifted);
            }
        }
        usort($grounds, static fn (Ground $a, Ground $b): int => self::rank($a) <=> self::rank($b));

        return new ReleaseDecision($this->decision($grounds, $tag), $grounds);
    }

    /** What would lift a line that does not stand; none where it stands. */
    public static function liftedBy(JudgedLine $line): ?Remedy
    {
        return match ($line->outcome) {
            Outcome::Stands => null,
            Outcome::Stop => Remedy::Repair,
            Outcome::Open => $line->severity === Severity::Note ? Remedy::Nothing : Remedy::Answer,
            Outcome::Attend => match ($line->severity) {
                Severity::Note => Remedy::Nothing,
                Severity::Hold => Remedy::LeadsCondition,
                Severity::Stop => Remedy::Reread,
            },
        };
    }

    /** @param  list<Ground>  $grounds */
    private function decision(array $grounds, TagState $tag): Decision
    {
        $lifts = array_map(static fn (Ground $ground): Remedy => $ground->liftedBy, $grounds);

        return match (true) {
            $tag === TagState::Hanging, in_array(Remedy::Repair, $lifts, true) => Decision::TaggedOut,
            in_array(Remedy::Answer, $lifts, true),
            in_array(Remedy::Reread, $lifts, true),
            in_array(Remedy::LeadsCondition, $lifts, true) => Decision::Held,
            default => Decision::Released,
        };
    }

    /** What somebody found stands before what nobody has looked at yet, the gravest first. */
    private static function rank(Ground $ground): int
    {
        return match ($ground->liftedBy) {
            Remedy::Repair => 0,
            Remedy::Reread => 1,
            Remedy::LeadsCondition => 2,
            Remedy::Answer => 3,
            Remedy::Nothing => $ground->outcome === Outcome::Attend ? 4 : 5,
        };
    }
}
