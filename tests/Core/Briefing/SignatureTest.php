<?php

declare(strict_types=1);

namespace Tests\Core\Briefing;

use JadeLedger\Core\Briefing\Signature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What counts as a signature: our own choice, no source. */
final class SignatureTest extends TestCase
{
    /** @param  list<list<int>>  $strokes */
    #[TestWith([[], false], 'nothing')]
    #[TestWith([[[500, 200, 500, 200]], false], 'a dot')]
    #[TestWith([[[500, 200, 511, 211]], false], 'a slip of the finger')]
    #[TestWith([[[500, 200], [503, 204]], false], 'two dots beside each other')]
    #[TestWith([[[500, 200, 512, 200]], true], 'a stroke across')]
    #[TestWith([[[500, 200, 500, 188]], true], 'a stroke up')]
    #[TestWith([[[100, 100], [400, 120]], true], 'two dots far apart are a hand that moved')]
    public function test_a_dot_is_no_signature(array $strokes, bool $isDrawn): void
    {
        self::assertSame($isDrawn, (new Signature($strokes))->isDrawn());
    }
}
