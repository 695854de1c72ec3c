<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** Fingers and gloves on a tablet held upright: what they do not mean is not taken. */
final class TouchStoryTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    private const MACHINE = 'M-25';

    private static ?string $walk = null;

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_a_finger_that_lifts_after_a_hold_answers_nothing_that_lies_under_it(): void
    {
        $this->openWalk();
        $this->goToAStationWithOthers();
        $before = $this->openLines();
        $page = $this->pageOfWalk();
        $count = count($this->web->findElements(WebDriverBy::cssSelector('.station-others [data-testid^="amiss-"]')));
        $this->waitForRest();

        $at = $this->middleOf(self::named('others-stand'));
        $this->touch('touchStart', $at);
        $this->waitUntil(
            fn (): bool => $this->pageOfWalk() !== $page || ! $this->exists(self::named('others-stand')),
            'What was held is not taken.',
        );
        usleep(150_000);
        $this->touch('touchEnd', null);

        $this->waitUntil(
            fn (): bool => count($before) - count($this->openLines()) >= $count,
            'What was held is not posted.',
        );
        // Longer than anything that the lifted finger could have set off takes to arrive.
        usleep(900_000);
        self::assertCount(count($before) - $count, $this->openLines(), 'the finger that lifted answered another line');
    }

    public function test_two_taps_at_one_place_answer_one_line(): void
    {
        $this->openWalk();
        $line = $this->aLook('stop');
        $this->goToLine($line);
        $this->tap('to-list');
        $before = $this->openLines();
        $act = '[data-testid="stands-'.$line.'"]';
        $this->wait($act);
        $this->waitForRest();
        $at = $this->middleOf($act);
        foreach ([1, 2] as $tap) {
            $this->touch('touchStart', $at);
            $this->touch('touchEnd', null);
            usleep(120_000);
        }

        $this->waitUntil(fn (): bool => count($this->openLines()) < count($before), 'The first tap is not taken.');
        usleep(900_000);
        self::assertCount(count($before) - 1, $this->openLines());
    }

    public function test_one_tap_does_not_lift_a_stop(): void
    {
        $this->openWalk();
        $line = $this->aLook('stop');
        $this->goToLine($line);
        $this->tap('amiss');
        $this->wait(self::named('place-on-plan'));
        $this->picture('not-so');
        $this->web->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn (): bool => ! $this->exists('.leaf'), 'The leaf does not close.');
        self::assertSame('open', $this->outcomeOf($line), 'what is closed again has said nothing');
        $this->tap('amiss');
        $this->tap('amiss-only');
        $this->waitUntil(fn (): bool => $this->outcomeOf($line) === 'stop', 'It is not posted as not so.');
        $this->waitUntil(fn (): bool => ! $this->exists('.leaf'), 'The leaf does not close.');

        $this->tap('stands');

        $this->wait(self::named('lift-reason'));
        $this->picture('lift-a-stop');
        $this->assertAccessible();
        self::assertSame('stop', $this->outcomeOf($line), 'it asks why, and who else says so');
        self::assertFalse($this->wait(self::named('lift-hold'))->isEnabled());
        $this->type('lift-reason', 'Looked at the wrong side.');
        $this->tapOn('.leaf .second-person .act');
        $this->type('second-secret', 'tern-quay');
        $this->hold('lift-hold');
        $this->waitUntil(fn (): bool => $this->outcomeOf($line) === 'stands', 'The stop is not lifted.');
        $this->assertConsoleIsClean();
    }

    private function openWalk(): void
    {
        $this->signIn('ines');
        if (self::$walk === null) {
            $this->tapOn('a[href$="/fleet"]');
            $this->tap('machine-'.self::MACHINE);
            $this->tap('next-act');
        } else {
            $this->open(self::$walk);
        }
        $this->wait('.crossing, .station-leaf, .panel-in-place');
        self::$walk = (string) $this->web->executeScript('return location.pathname');
        if ($this->exists('.crossing')) {
            $this->confirmState();
        }
        $this->wait('.station-leaf');
    }

    /** A page on which several lines are said together and nothing else is open. */
    private function goToAStationWithOthers(): void
    {
        foreach ($this->walkInPage()['lines'] as $line) {
            if ($line['outcome'] === 'open' && $line['may_stand_together']) {
                $this->goToLine($line['key']);
                $this->tap('to-list');
                if (
                    count(
                        $this->web->findElements(WebDriverBy::cssSelector('.station-others [data-testid^="amiss-"]')),
                    ) > 1
                ) {
                    return;
                }
            }
        }
        self::fail('No page has two lines that may stand together.');
    }

    /** An open look of the first state that weighs so much. */
    private function aLook(string $severity): string
    {
        $lines = $this->walkInPage()['lines'];
        foreach ($lines as $line) {
            if (
                $line['stage'] === $lines[0]['stage']
                && $line['answer'] === 'look'
                && $line['severity'] === $severity
                && ! in_array('put_right', $line['other_answers'], true)
                && $line['outcome'] === 'open'
            ) {
                return $line['key'];
            }
        }
        self::fail("No open look weighs {$severity}.");
    }

    /** @return list<string> */
    private function openLines(): array
    {
        return array_column(
            array_filter($this->walkInPage()['lines'], static fn (array $line): bool => $line['outcome'] === 'open'),
            'key',
        );
    }

    private function outcomeOf(string $line): string
    {
        return (string) array_column($this->walkInPage()['lines'], 'outcome', 'key')[$line];
    }

    /** @return array{int, int} */
    private function middleOf(string $selector): array
    {
        $box = $this->web->executeScript(
            'const box = document.querySelector(arguments[0]).getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2];',
            [$selector],
        );

        return [(int) $box[0], (int) $box[1]];
    }

    /** @param  array{int, int}|null  $at nothing when the finger lifts */
    private function touch(string $type, ?array $at): void
    {
        $this->devTools(
            'Input.dispatchTouchEvent',
            ['type' => $type, 'touchPoints' => $at === null ? [] : [['x' => $at[0], 'y' => $at[1]]]],
        );
    }
}
