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
    /** Somebody else typed it from a sheet of paper, who does not answer for it as the lead does. */
    case EnteredForAnother = 'entered_for_another';
    /** Who stood by signed on paper, and nobody can ask them any more. */
    case SecondOnPaper = 'second_on_paper';
    /** It rests on an entry that is in doubt. */
    case RestsOnDoubt = 'rests_on_doubt';
}
