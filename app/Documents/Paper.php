<?php

declare(strict_types=1);

namespace App\Documents;

/** Sizes of paper, by the names that the PDF library knows. */
enum Paper: string
{
    case A4 = 'A4';
    case Letter = 'LETTER';
}
