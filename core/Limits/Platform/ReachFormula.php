<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Limits\Lines\LineBeside;
use JadeLedger\Core\Limits\Lines\LineSchool;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * Whether the job lies within the reach of this machine and clear of a line, measured at the nearest corner of the
 * basket.
 */
final readonly class ReachFormula implements Formula
{
    /** What somebody reaches above the floor that they stand on, in metres: common practice, no source. */
    private const OVERHEAD = '2';

    public function compute(SheetInputs $inputs): SheetResult
    {
        $chart = $inputs->chart('reach');
        $job = new ReachPoint($inputs->quantity('job_out'), $inputs->quantity('job_up'));
        $height = LedgerLine::less(
            new Phrase('limits.floor_height'),
            $chart->top(),
            [new Less($inputs->orNothing('keep_below'), new Phrase('limits.kept_below'))],
        );
        $yours = $height->less === [] ? $chart : $chart->below($height->yours);
        $isInside = $yours !== null && $yours->contains($job);
        $apart = $yours?->fromTheEdge($job) ?? $job->up;
        $line = $this->line($inputs, $job);
        // A line that is there and stands nowhere on the drawing clears nothing.
        $isMissing = $line === null && $inputs->choice('lines') === 'yes';
        $isClear = $line === null ? ! $isMissing : $line->isClear();

        return new SheetResult(
            Fits::when($isInside && $isClear),
            match (true) {
                $isMissing => new Phrase('limits.line_not_placed'),
                ! $isInside => new Phrase('limits.out_of_reach', ['over' => Rounded::up($apart, 1)]),
                $line === null => new Phrase('limits.in_reach', ['spare' => Rounded::down($apart, 1)]),
                ! $line->isClear() => new Phrase('limits.too_near_the_line', [
                    'over' => Rounded::up($line->clearance->minus($line->distance), 1),
                    'clearance' => LineSchool::shown($line->clearance),
                ]),
                default => new Phrase('limits.in_reach', [
                    'spare' => Rounded::down($this->least($apart, $line->distance->minus($line->clearance)), 1),
                ]),
            },
            [
                $height,
                LedgerLine::computed(
                    new Phrase('limits.working_height'),
                    $height->yours->plus(Quantity::of(self::OVERHEAD, Unit::Metre)),
                ),
                LedgerLine::computed(new Phrase('limits.out_from_the_middle'), Rounded::near($job->out, 1)),
                ...($line === null ? [] : [LedgerLine::computed(
                    new Phrase('limits.keep_from_the_line'),
                    LineSchool::shown($line->clearance),
                )]),
            ],
            [new Phrase('limits.reach_measured', ['half' => $inputs->quantity('half_basket')])],
            [
                ...($isInside ? [] : [new Phrase('limits.move_the_machine')]),
                ...($isClear ? [] : [new Phrase('limits.ask_the_line_owner')]),
                ...($inputs->choice('lines') === 'unknown' ? [new Phrase('limits.look_up_for_lines')] : []),
            ],
            new ReachPicture($chart, $yours, $job, $line?->line, $line?->clearance),
        );
    }

    private function line(SheetInputs $inputs, ReachPoint $job): ?LineBeside
    {
        $out = $inputs->optional('line_out');
        $up = $inputs->optional('line_up');

        return $out === null || $up === null || $inputs->choice('lines') === 'no' ? null : LineBeside::of(
            new ReachPoint($out, $up),
            LineSchool::from($inputs->choice('school')),
            $inputs->optional('voltage'),
            $job,
            $inputs->quantity('half_basket'),
        );
    }

    private function least(Quantity $one, Quantity $other): Quantity
    {
        return $other->isLessThan($one) ? $other : $one;
    }
}
