<?php

declare(strict_types=1);

namespace App\Models;

/** BCP 47 tags of the languages that ship. */
enum Language: string
{
    case English = 'en';
    case Spanish = 'es';
}
