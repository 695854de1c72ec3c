<?php

declare(strict_types=1);

namespace JadeLedger\Core\FunctionTest;

/** Why an account of a function test cannot be right. */
enum TestRunFault: string
{
    /** A step did not respond as expected and nobody says how it did. */
    case NothingObserved = 'nothing_observed';
    /** More steps were answered than the test has. */
    case TooManySteps = 'too_many_steps';
    /** Steps were tried after one that did not respond as expected: any deviation ends the test. */
    case WentOn = 'went_on';
    /** A step that has to be held was let go too early. */
    case HeldTooShort = 'held_too_short';
    /** Steps are left and no reason is given. */
    case NoReason = 'no_reason';
    /** All steps were answered, and yet it is said that the test was broken off. */
    case NothingLeft = 'nothing_left';
}
