<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Source\Source;

/** Something that is asked about the place where a machine will work. */
final readonly class SiteQuestion
{
    /**
     * @param string $say what holds where the answer is yes
     * @param string $ask what to ask where nobody knows
     */
    public function __construct(
        public string $id,
        public string $asks,
        public Applicability $applies,
        public string $say,
        public string $ask,
        public Source $source,
        public ?Unsuitable $unsuitable = null,
    ) {
    }
}
