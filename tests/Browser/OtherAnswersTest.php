<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** What is put right on the spot, and a part that is not there: with a finger, and the lead's answer at a desk. */
final class OtherAnswersTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_what_is_put_right_stands_and_a_part_that_is_missing_is_a_question_to_the_lead(): void
    {
        $this->signIn('ines');
        $this->tapOn('a[href$="/fleet"]');
        $this->tap('machine-N-09');
        $this->tap('next-act');
        $this->wait('.crossing');
        $this->confirmState();
        $walk = (string) $this->web->executeScript("return location.pathname.split('/').pop()");

        $nobody = $this->lineOf('cab-nobody');
        $this->goToLine($nobody);
        $this->tap('amiss');
        $this->wait(self::named('put-right'));
        $this->picture('put-right');
        $this->assertAccessible();
        $this->tap('put-right');
        $this->waitUntil(fn (): bool => $this->outcomeOf($nobody) === 'stands', 'What was put right does not stand.');

        $drawn = $this->lineOf('eng-restriction');
        $this->goToLine($drawn);
        $this->tap('cannot-tell');
        $this->wait(self::named('not-fitted-none'));
        $this->picture('not-fitted');
        $this->assertAccessible();
        $this->tap('not-fitted-none');
        $this->waitUntil(fn (): bool => $this->outcomeOf($drawn) === 'stands', 'The line does not count as answered.');

        $this->signIn('dilys');
        $this->tap('day-fit');
        $this->wait('.in-doubt');
        $this->type('fit-reason', 'It is there, behind the cover');
        $this->picture('fit-question');
        $this->assertAccessible();
        $this->hold('fit-there');
        $this->waitUntil(fn (): bool => ! $this->exists('.in-doubt'), 'The question stays.');
        $this->open("/app/walks/{$walk}");
        $this->wait('.station-leaf, .panel-in-place, .crossing');
        self::assertSame('open', $this->outcomeOf($drawn), 'the line is asked again');
        $this->assertConsoleIsClean();
    }

    private function lineOf(string $check): string
    {
        return array_column($this->walkInPage()['lines'], 'key', 'check')[$check];
    }

    private function outcomeOf(string $line): string
    {
        return (string) array_column($this->walkInPage()['lines'], 'outcome', 'key')[$line];
    }
}
