<?php

declare(strict_types=1);

namespace App\Presenters;

/** What is done next with a machine. */
enum NextAct: string
{
    /** What holds it is mended, tried and untagged. */
    case ToTag = 'to_tag';
    case OpenOut = 'open_out';
    case GoOnOut = 'go_on_out';
    case HandOver = 'hand_over';
    case OpenIn = 'open_in';
    case GoOnIn = 'go_on_in';
    case Balance = 'balance';
    /** It left with nothing that says it may; the lead settles that. */
    case Settle = 'settle';
}
