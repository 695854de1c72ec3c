<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use Brick\Math\BigRational;
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

/** What a heaped bucket or skip weighs, against what the machine is rated for. */
final readonly class BucketFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $material = Material::from($inputs->choice('material'));
        $bucket = $inputs->quantity('bucket');
        $density = $inputs->optional('density') ?? $material->density();
        $load = Material::mass($bucket, $density);
        $line = LedgerLine::less(
            new Phrase('limits.rated_load'),
            $inputs->quantity('rated'),
            [new Less($inputs->orNothing('attachment'), new Phrase('limits.heavier_attachment'))],
        );
        $isOver = $load->isGreaterThan($line->yours);
        $share = $isOver ? $line->yours->ratioTo($load) : BigRational::one();

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.bucket_too_heavy' : 'limits.bucket_within', [
                'load' => Rounded::up($load, 0),
                'rated' => $line->yours,
                'share' => Rounded::down(Quantity::of($share->multipliedBy(100), Unit::Percent), 0),
            ]),
            [$line, LedgerLine::computed(new Phrase('limits.heaped_it_weighs'), Rounded::up($load, 0))],
            [new Phrase('limits.volume_by_density', ['bucket' => $bucket, 'density' => $density])],
            [new Phrase('limits.wet_is_heavier')],
        );
    }
}
