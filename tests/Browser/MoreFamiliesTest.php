<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalkerOverHttp;
use Tests\Support\WalksInTheBrowser;

/**
 * Machines as different as the trade knows them are walked out and in: on a boom, under a mast, on a trailer, on
 * drums. The
 * pallet truck has a story of its own: TouchesOfACheckoutTest.
 */
final class MoreFamiliesTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    /** @var array<string, string> a line for each kind of panel that a story had */
    private static array $seen = [];

    /** @param  array<string, string>  $values */
    #[
        TestWith(
            [
                'A-20',
                [
                    'eng-oil-stick' => '20',
                    'cool-bottle' => '24',
                    'fuel-level-sight' => '84',
                    'doc-hour-meter' => '2021.4',
                    'doc-key-label' => '3',
                ],
            ],
            'boom lift',
        ),
    ]
    #[TestWith(['P-05', ['doc-hour-meter' => '208.8', 'doc-key-label' => '3']], 'mast lift')]
    #[
        TestWith(
            [
                'G-02',
                [
                    'eng-oil-stick' => '14',
                    'cool-bottle' => '24',
                    'fuel-level' => '74',
                    'doc-hour-meter' => '2480.5',
                    'doc-key-label' => '3',
                ],
            ],
            'generator',
        ),
    ]
    #[
        TestWith(
            ['F-20', ['doc-hour-meter' => '2504.6', 'doc-work-meter' => '702.1', 'doc-key-label' => '2']],
            'electric truck',
        ),
    ]
    #[
        TestWith(
            [
                'R-05',
                [
                    'eng-oil-stick' => '14',
                    'cool-bottle' => '24',
                    'fuel-level-sight' => '22',
                    'doc-hour-meter' => '411.5',
                    'doc-key-label' => '2',
                ],
            ],
            'roller',
        ),
    ]
    public function test_a_machine_of_another_family_goes_out_and_comes_back(string $number, array $values): void
    {
        $values += ['doc-manual' => '1'];
        $dilys = new WalkerOverHttp('dilys');
        $this->signIn('dilys');
        $this->openRow("open-out-{$number}");
        $walk = $this->walkToRelease($dilys, $values);
        $this->wait('.handover');
        $dilys->signFor($walk);

        $back = $dilys->open($dilys->walk($walk)['hire_id'], 'return');
        $this->open("/app/walks/{$back}");
        $this->walkToRelease($dilys, $values);
        $this->hold('close-hire');
        $this->waitForText('.spread-foot', 'Closed');
        $this->assertConsoleIsClean();
    }

    /**
     * One line of each kind of panel that this machine has is answered on the screen, the others beside it.
     *
     * @param array<string, string> $values
     */
    private function walkToRelease(WalkerOverHttp $dilys, array $values): string
    {
        $this->wait('.crossing, .station-leaf, .panel-in-place');
        $walk = (string) $this->web->executeScript("return location.pathname.split('/').pop()");
        $dilys->answer($walk, $this->oneOfEachKind($dilys->walk($walk)), $values);
        $this->openAnew("/app/walks/{$walk}");
        $this->walkOn($values);
        $this->waitUntil(fn (): bool => $this->linesLeft() === 0, 'Lines are left open.');
        $this->toDecision();
        self::assertSame('released', $this->wait(self::named('computed'))->getAttribute('data-decision'));
        $this->hold('release');
        $this->tap('onwards');

        return $walk;
    }

    /**
     * @param array<string, mixed> $walk
     * @return list<string> the last look, and the last line of each kind of panel that no story before had; but not those that the next machine state waits for
     */
    private function oneOfEachKind(array $walk): array
    {
        $kinds = [];
        $ahead = array_merge(...array_column($walk['plan']['stages'], 'gated_by'));
        foreach ($walk['plan']['visits'] as $visit) {
            foreach (
                array_filter(
                    $visit['lines'],
                    static fn (array $line): bool => ! in_array($line['key'], $ahead, true),
                ) as $line
            ) {
                $kinds[$line['answer'].' '.($line['instrument']['drawn'] ?? ($line['instrument']['kind'] ?? ''))] =
                    $line['key'];
            }
        }

        $new = array_diff_key($kinds, self::$seen);
        self::$seen += $new;

        return array_values($new + ['look ' => $kinds['look ']]);
    }
}
