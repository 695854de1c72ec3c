<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** The demo's tagged excavator: mended by the mechanic, looked at again and tagged in by somebody else. */
final class TagStoryTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    public function test_a_tag_comes_off_after_the_repair_the_second_look_and_by_a_second_person(): void
    {
        $this->signIn('moss');
        $this->openDecision();
        $this->waitForText(self::named('tag-stays'), 'No repair is recorded yet');
        $this->type('repair-words', 'Boom ram hose renewed, every function run.');
        $this->type('repair-parts', 'Hose, two seals');
        $this->assertAccessible();
        $this->hold('record-repair');
        $this->waitForText(self::named('tag-stays'), 'Who mended it');
        self::assertFalse($this->exists(self::named('lift-tag')));
        $this->picture('repair');

        $this->web->manage()->deleteAllCookies();
        $this->signIn('dilys');
        $this->openDecision();
        $this->waitForText(self::named('tag-stays'), 'due again after the repair');
        while ($this->exists(self::named('go-due'))) {
            $this->tap('go-due');
            $this->lookAgain();
            $this->tap('decision');
            $this->wait('.repair[aria-busy="false"] .repair-done');
        }
        $this->hold('lift-tag');
        $this->waitUntil(fn (): bool => ! $this->exists('.repair'), 'The tag stays on.');
        $this->picture('tagged-in');
        $this->assertConsoleIsClean();
    }

    private function openDecision(): void
    {
        $this->open('/app/fleet');
        $this->tap('machine-E-05');
        $this->tap('next-act');
        $this->wait('.repair');
    }

    /** Answers the line that is shown, bringing the machine into its state first. */
    private function lookAgain(): void
    {
        $this->wait('.crossing, '.self::named('station'));
        if ($this->exists(self::named('cross'))) {
            $this->tap('cross');
            $this->confirmState();
            $this->wait(self::named('station'));
        } elseif ($this->exists('.crossing')) {
            $this->confirmState();
            $this->wait(self::named('station'));
        }
        $open = $this->linesLeft();
        $this->answerPage([]);
        $this->waitUntil(
            fn (): bool => $this->linesLeft() < $open ||
                count($this->web->findElements(WebDriverBy::cssSelector('.crossing'))) > 0,
            'The line stays open.',
        );
    }
}
