<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Quantity\Dimension;
use JadeLedger\Core\Quantity\Quantity;

/** One reading of a hire: Out, In, and the Difference, which is never typed. */
final readonly class ReadingLine
{
    public ?Quantity $difference;

    public Balance $balance;

    /**
     * @param Entry|null $in as the machine came back, before anybody in the yard filled anything up
     * @param TopUpInYard|null $toppedUp what was filled up then
     * @param Quantity|null $meterChange what the two figures lie apart because another hour meter was put on between them
     */
    public function __construct(
        public string $key,
        public AnswerKind $kind,
        public ?Entry $out,
        public ?Entry $in,
        private InColumn $column = InColumn::Finished,
        public ?TopUpInYard $toppedUp = null,
        public ?Quantity $meterChange = null,
    ) {
        $shown = $out === null || $in === null ? null : $in->value->minus($out->value);
        $this->difference = $shown === null || $meterChange === null ? $shown : $shown->plus($meterChange);
        $this->balance = $this->judge();
    }

    /** A tank that is read in litres; a bottle that is read by its marks is only topped up. */
    private function isUsed(): bool
    {
        return $this->difference !== null
            && $this->difference->isNegative()
            && $this->difference->unit->dimension() === Dimension::Volume;
    }

    private function judge(): Balance
    {
        if ($this->out === null) {
            return Balance::Balanced;
        }
        if ($this->in === null || $this->difference === null) {
            return $this->column->withoutReading();
        }

        return match ($this->kind) {
            AnswerKind::Count => $this->difference->isNegative() ? Balance::Missing : Balance::Balanced,
            AnswerKind::HourMeter, AnswerKind::WorkMeter => $this->in->isDisputed || $this->difference->isNegative()
                ? Balance::Disputed
                : Balance::Balanced,
            AnswerKind::TankColumn => $this->isUsed() ? Balance::Used : Balance::Balanced,
            default => Balance::Balanced,
        };
    }
}
