<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Reading\JudgeLook;
use JadeLedger\Core\Reading\LookAnswer;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Common practice, no source. */
final class JudgeLookTest extends TestCase
{
    public function test_what_was_put_right_stands_and_says_that_it_was_not_so(): void
    {
        $verdict = (new JudgeLook)->judge($this->check('cab-nobody'), LookAnswer::PutRight);

        self::assertSame(Outcome::Stands, $verdict->outcome);
        self::assertSame('look.put_right', $verdict->reason->key);
    }

    public function test_only_what_can_be_corrected_on_the_spot_is_put_right(): void
    {
        $answers = new JudgeLook;

        foreach (['cab-nobody', 'saf-rops-up', 'lpg-position', 'hkp-covers'] as $id) {
            self::assertContains(LookAnswer::PutRight, $answers->answersTo($this->check($id)), $id);
        }
        foreach (['str-frame', 'saf-belt-webbing', 'hyd-hose', 'mst-fork-cracks'] as $id) {
            self::assertNotContains(LookAnswer::PutRight, $answers->answersTo($this->check($id)), $id);
        }
    }

    public function test_a_part_that_can_stop_the_machine_is_never_said_to_be_missing(): void
    {
        $checks = RealCatalogue::get()->checks;
        $mayBeMissing = array_filter(
            $checks,
            static fn (Check $check): bool => in_array(LookAnswer::NotFitted, (new JudgeLook)->answersTo($check), true),
        );

        self::assertGreaterThan(100, count($mayBeMissing));
        self::assertArrayHasKey('cab-wiper', $mayBeMissing);
        self::assertArrayNotHasKey('hkp-clean', $mayBeMissing, 'every machine is looked at for this');
        foreach ($mayBeMissing as $id => $check) {
            self::assertNotSame(Severity::Stop, $check->severity, $id);
            self::assertNull($check->standsBefore, $id);
        }
    }

    public function test_a_part_that_is_missing_counts_as_answered_with_what_was_said(): void
    {
        $verdict = (new JudgeLook)->judge($this->check('cab-wiper'), LookAnswer::NotFitted, 'Taken off');

        self::assertSame(Outcome::Stands, $verdict->outcome);
        self::assertSame(['words' => 'Taken off'], $verdict->reason->figures);
    }

    private function check(string $id): Check
    {
        return RealCatalogue::get()->check($id);
    }
}
