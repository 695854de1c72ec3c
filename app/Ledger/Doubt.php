<?php

declare(strict_types=1);

namespace App\Ledger;

/** Why an entry is kept but decides nothing until the lead has looked at it. */
enum Doubt: string
{
    /** The clock of the tablet was further off than it is put right by. */
    case Clock = 'clock';
    /** Who posted it was qualified then and is not any more. */
    case QualificationSince = 'qualification_since';
    /** The PIN or password of the second person, given out of reach of the yard, was wrong. */
    case SecondPerson = 'second_person';
    /** It rests on an entry that is in doubt. */
    case RestsOnDoubt = 'rests_on_doubt';
}
