<?php

declare(strict_types=1);

namespace Tests\Support;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Check\TestStep;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\FunctionTest\JudgeFunctionTest;
use JadeLedger\Core\FunctionTest\StepResponse;
use JadeLedger\Core\FunctionTest\TestRun;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Ledger\ChainedEntry;
use JadeLedger\Core\Ledger\HashChain;
use JadeLedger\Core\Reading\JudgeLook;
use JadeLedger\Core\Reading\LookAnswer;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\DueAfterRepair;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\MayTagIn;
use JadeLedger\Core\Release\ReleaseDecision;
use JadeLedger\Core\Release\TagState;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\WalkPlan;

/** One machine and one walk kept in memory: what is posted is judged and decided by the core, and chained. */
final class MemoryYard
{
    /** @var array<string, JudgedLine> */
    private array $lines = [];

    /** @var array<string, Check> */
    private array $checks = [];

    /** @var array<string, string> the entry that a line's answer stands on */
    private array $answeredBy = [];

    /** @var array<string, Severity> */
    private array $findings = [];

    private TagState $tag = TagState::None;

    private ?string $repairedBy = null;

    /** @var list<string> */
    private array $due = [];

    /** @var list<string>|null what the release that stands was given on; none stands */
    private ?array $conditions = null;

    /** @var list<ChainedEntry> */
    public array $chain = [];

    public function __construct(private readonly WalkPlan $plan, private readonly Features $features)
    {
        foreach ($plan->lines() as $line) {
            $this->checks[$line->key] = $line->check;
            $this->lines[$line->key] = JudgedLine::check(
                $line->key,
                $line->check->title,
                $line->check->severity,
                Outcome::Open,
            );
        }
    }

    /** @param  array{id: string, kind: string, by: string, ...}  $entry @return bool whether it was taken */
    public function post(array $entry): bool
    {
        $isTaken = match ($entry['kind']) {
            'answer' => $this->answer($entry),
            'place' => $this->grade($entry['id'], $entry['severity']),
            'grade' => isset($this->findings[$entry['finding']]) && $this->grade($entry['finding'], $entry['severity']),
            'strike' => $this->strike($entry['struck']),
            'hang' => $this->hang(),
            'repair' => $this->repair($entry['by'], $entry['lines']),
            'lift' => $this->lift($entry['by']),
            'release' => $this->release($entry['conditions']),
            'leave' => $this->conditions !== null && $this->decision()->letsGo($this->conditions),
        };
        if ($isTaken) {
            $this->append($entry);
        }

        return $isTaken;
    }

    /** @return list<string> */
    public function open(): array
    {
        return array_keys(array_filter(
            $this->lines,
            static fn (JudgedLine $line): bool => $line->outcome === Outcome::Open,
        ));
    }

    private function decision(): ReleaseDecision
    {
        return (new DecideRelease)->of($this->machine(), $this->tag);
    }

    /** @return list<JudgedLine> */
    private function machine(): array
    {
        $found = [];
        foreach ($this->findings as $id => $severity) {
            $found[] = JudgedLine::finding($id, 'Found', $severity);
        }

        return [...array_values($this->lines), ...$found];
    }

    /** @param  array{id: string, line: string, answer: string, ...}  $entry */
    private function answer(array $entry): bool
    {
        $check = $this->checks[$entry['line']];
        $isRun = $check->answer === AnswerKind::FunctionTest
            && ! in_array($entry['answer'], ['not_fitted', 'cannot_tell'], true);
        $verdict = $isRun
            ? (new JudgeFunctionTest)->judge($check, self::run($check, $entry['answer'] !== 'amiss'))
            : (new JudgeLook)->judge($check, LookAnswer::from($entry['answer']), 'seen');
        $this->set($entry['line'], $verdict->outcome);
        $this->answeredBy[$entry['line']] = $entry['id'];

        return true;
    }

    private static function run(Check $check, bool $isPassed): TestRun
    {
        return TestRun::ended(
            $isPassed
                ? array_map(
                    static fn (TestStep $step): StepResponse => StepResponse::asExpected($step->seconds),
                    $check->test,
                )
                : [StepResponse::otherwise('it did not')],
        );
    }

    private function grade(string $finding, string $severity): bool
    {
        $this->findings[$finding] = Severity::from($severity);

        return true;
    }

    private function strike(string $entry): bool
    {
        unset($this->findings[$entry]);
        foreach (array_keys($this->answeredBy, $entry, true) as $line) {
            $this->set($line, Outcome::Open);
            unset($this->answeredBy[$line]);
        }

        return true;
    }

    private function hang(): bool
    {
        $this->tag = TagState::Hanging;
        $this->repairedBy = null;

        return true;
    }

    /** @param  list<string>  $lines */
    private function repair(string $by, array $lines): bool
    {
        $this->repairedBy = $by;
        $this->due = (new DueAfterRepair($this->plan, $this->features))->of($lines);
        foreach ($this->due as $line) {
            $this->set($line, Outcome::Open);
            unset($this->answeredBy[$line]);
        }

        return true;
    }

    private function lift(string $by): bool
    {
        if ((new MayTagIn($this->repairedBy, $this->machine(), $this->due))->inTheWayOf($by) !== null) {
            return false;
        }
        $this->tag = TagState::None;

        return true;
    }

    /** @param  list<string>  $conditions */
    private function release(array $conditions): bool
    {
        if (! $this->decision()->letsGo($conditions)) {
            return false;
        }
        $this->conditions = $conditions;

        return true;
    }

    private function set(string $line, Outcome $outcome): void
    {
        $was = $this->lines[$line];
        $this->lines[$line] = JudgedLine::check($line, $was->title, $was->severity, $outcome);
    }

    /** @param  array{id: string, ...}  $entry */
    private function append(array $entry): void
    {
        $previous = $this->chain === [] ? HashChain::GENESIS : $this->chain[count($this->chain) - 1]->hash;
        $sequence = count($this->chain) + 1;
        $text = CanonicalJson::encode($entry + ['sequence' => $sequence, 'previous_hash' => $previous]);
        $this->chain[] = new ChainedEntry($entry['id'], $sequence, $text, $previous, HashChain::hash($text));
    }
}
