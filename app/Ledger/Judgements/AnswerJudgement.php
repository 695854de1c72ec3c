<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use App\Ledger\JudgementRecord;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\Judgement;

/** The verdict on an answer to a line. */
final readonly class AnswerJudgement implements RecordedJudgement
{
    /**
     * @param array<array-key, mixed> $verdict as App\Ledger\JudgementRecord writes it
     * @param AnswerKind|null $kind of a reading
     * @param Quantity|null $figure of a reading at several points, the worst of them
     */
    private function __construct(
        public bool $isValid,
        public Outcome $outcome,
        public bool $isDisputed,
        private array $verdict,
        public ?AnswerKind $kind = null,
        public ?Quantity $figure = null,
        public ?StopLifted $lifted = null,
    ) {
    }

    public static function of(Judgement $judgement): self
    {
        return new self(
            $judgement->isValid,
            $judgement->verdict->outcome,
            $judgement->verdict->isDisputed,
            JudgementRecord::of($judgement),
        );
    }

    public function ofReading(AnswerKind $kind, ?Quantity $worst): self
    {
        return new self(
            $this->isValid,
            $this->outcome,
            $this->isDisputed,
            $this->verdict,
            $kind,
            $worst,
            $this->lifted,
        );
    }

    public function lifting(?StopLifted $lifted): self
    {
        return new self(
            $this->isValid,
            $this->outcome,
            $this->isDisputed,
            $this->verdict,
            $this->kind,
            $this->figure,
            $lifted,
        );
    }

    public static function read(JsonObject $json): static
    {
        $verdict = $json->object('verdict');
        $figure = $json->optionalString('figure');
        $own = array_diff_key($json->toArray(), ['kind' => 0, 'figure' => 0, 'unit' => 0, 'lifts_stop' => 0]);

        return new self(
            $json->flag('is_valid'),
            Outcome::from($verdict->string('outcome')),
            $verdict->flag('is_disputed'),
            $own,
            $json->has('kind') ? AnswerKind::from($json->string('kind')) : null,
            $figure === null ? null : Quantity::of($figure, Unit::named($json->string('unit'))),
            StopLifted::read($json),
        );
    }

    public function record(): array
    {
        $reading = $this->kind === null ? [] : ['kind' => $this->kind->value];
        $worst = $this->figure === null
            ? []
            : ['figure' => $this->figure->text(), 'unit' => $this->figure->unit->value];

        /** @var array<string, mixed> */
        return $this->verdict + $reading + $worst + ($this->lifted?->record() ?? []);
    }
}
