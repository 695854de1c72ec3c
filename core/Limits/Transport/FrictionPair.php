<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\BigRational;

/**
 * Friction between load and bed, swept clean and free of frost, ice and snow; where it is not, no more than 0.2.
 *
 * Source: EN 12195-1:2010 Annex B, from memory, to be confirmed.
 */
enum FrictionPair: string
{
    case SawnWoodOnPlywood = 'sawn wood / plywood or fabric laminate';
    case SawnWoodOnGroovedAluminium = 'sawn wood / grooved aluminium';
    case SawnWoodOnSteel = 'sawn wood / steel sheet';
    case SteelOnPlywood = 'steel crate / plywood or fabric laminate';
    case SteelOnGroovedAluminium = 'steel crate / grooved aluminium';
    case SteelOnSteel = 'steel crate / steel sheet';
    case PlasticPalletOnPlywood = 'plastic pallet / plywood';
    case AntiSlipRubber = 'anti-slip rubber';
    case NotSwept = 'not swept, frost, ice or snow';

    public function coefficient(): BigRational
    {
        return BigRational::of(match ($this) {
            self::SawnWoodOnPlywood, self::SteelOnPlywood => '45/100',
            self::SawnWoodOnGroovedAluminium => '4/10',
            self::SawnWoodOnSteel, self::SteelOnGroovedAluminium => '3/10',
            self::SteelOnSteel, self::PlasticPalletOnPlywood, self::NotSwept => '2/10',
            self::AntiSlipRubber => '6/10',
        });
    }
}
