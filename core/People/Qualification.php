<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Source\Source;

/** Something that a person is trained and judged competent for. */
final readonly class Qualification
{
    public function __construct(
        public string $id,
        public string $name,
        public AskedFor $askedFor,
        public Applicability $applies,
        public Source $source,
    ) {
    }
}
