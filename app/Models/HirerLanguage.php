<?php

declare(strict_types=1);

namespace App\Models;

/**
 * BCP 47 tags of the languages in which a hirer reads: card, page and mail. More than the yard's own people have, as
 * these texts are fewer; what has no translation yet stands in English.
 */
enum HirerLanguage: string
{
    case English = 'en';
    case Spanish = 'es';
    case French = 'fr';
}
