<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** Machines as different as the trade knows them are walked out and in: on a boom, under a mast, on a trailer, on drums. */
final class SixFamiliesTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    /** @param  array<string, string>  $values */
    #[TestWith(['A-20', ['eng-oil-stick' => '20', 'cool-bottle' => '24', 'fuel-level-sight' => '84', 'doc-hour-meter' => '2021.4', 'doc-key-label' => '3']], 'boom lift')]
    #[TestWith(['P-05', ['doc-hour-meter' => '208.8', 'doc-key-label' => '3']], 'mast lift')]
    #[TestWith(['J-20', ['doc-hour-meter' => '640.3', 'doc-key-label' => '2']], 'pallet truck')]
    #[TestWith(['G-02', ['eng-oil-stick' => '14', 'cool-bottle' => '24', 'fuel-level' => '74', 'doc-hour-meter' => '2480.5', 'doc-key-label' => '3']], 'generator')]
    #[TestWith(['F-20', ['doc-hour-meter' => '2504.6', 'doc-key-label' => '2']], 'electric truck')]
    #[TestWith(['R-05', ['eng-oil-stick' => '14', 'cool-bottle' => '24', 'fuel-level-sight' => '22', 'doc-hour-meter' => '411.5', 'doc-key-label' => '2']], 'roller')]
    public function test_a_machine_of_another_family_goes_out_and_comes_back(string $number, array $values): void
    {
        $this->signIn('dilys');
        $this->tap("open-out-{$number}");
        $this->walkToRelease($values + ['doc-manual' => '1']);
        $this->handOverAndSign();

        $this->tapOn('a[href$="/fleet"]');
        $this->tap("machine-{$number}");
        $this->tapOn('.machine-folios li a');
        $this->tap('open-return');
        $this->walkToRelease($values + ['doc-manual' => '1']);
        $this->hold('close-hire');
        $this->waitForText('.spread-foot', 'Closed');
        $this->assertConsoleIsClean();
    }

    /** @param  array<string, string>  $values */
    private function walkToRelease(array $values): void
    {
        $this->wait('.crossing');
        $this->walkOn($values);
        $this->waitUntil(fn (): bool => $this->linesLeft() === 0, 'Lines are left open.');
        $this->tap('decision');
        self::assertSame('released', $this->wait(self::named('computed'))->getAttribute('data-decision'));
        $this->hold('release');
        $this->tap('onwards');
    }
}
