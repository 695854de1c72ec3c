<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** A ride-on mower walked on a tablet held upright, with fingers. */
final class PortraitWalkTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    private const VALUES = [
        'eng-oil-stick' => '10',
        'fuel-level-sight' => '11',
        'doc-hour-meter' => '616.4',
        'doc-key-label' => '2',
        'doc-manual' => '1',
    ];

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_a_mower_is_walked_upright_and_a_dead_network_loses_nothing(): void
    {
        $this->signIn('rafe');
        $this->picture('day-portrait');
        $this->openRow('open-out-M-22');
        $this->wait('.crossing');
        $this->walkOn(self::VALUES, until: 'eng-oil-stick');
        $this->readTheOil();
        $this->everythingPressedIsLargeEnough();
        $this->theNetworkGoesAndComesBack();
        $this->aReloadComesBackToTheSameLine();
        $this->walkOn(self::VALUES);
        $this->waitUntil(fn (): bool => $this->linesLeft() === 0, 'Lines are left open.');

        $this->toDecision();
        $this->wait(self::named('computed'));
        self::assertSame('released', $this->wait(self::named('computed'))->getAttribute('data-decision'));
    }

    private function readTheOil(): void
    {
        $this->wait(self::named('value'));
        $this->holdPosture();
        // The first way to a figure: the instrument is made to look like the real one, with a finger.
        $slider = $this->wait('[role="slider"]')->getLocation();
        $box = $this->wait('[role="slider"]')->getSize();
        [$x, $y] = [
            $slider->getX() + (int) ($box->getWidth() * 0.5),
            $slider->getY() + (int) ($box->getHeight() * 0.5),
        ];
        $before = $this->text(self::named('value'));
        $this->drag([$x, $y], [$x + 40, $y + 20]);
        $this->waitUntil(
            fn (): bool => $this->text(self::named('value')) !== $before,
            'The finger does not move the level.',
        );
        $this->setValue(self::VALUES['eng-oil-stick']);
        $this->waitForText(self::named('verdict'), 'Stands');
        $this->picture('walk-portrait');
        $this->postReading();
        $this->waitUntil(fn (): bool => ! $this->exists('.panel'), 'The oil is not posted.');
    }

    /** Gloves: what carries the work is at least 48 px either way. */
    private function everythingPressedIsLargeEnough(): void
    {
        $small = $this->web->executeScript(
            'return [...document.querySelectorAll(".station-leaf button, .head button, .station-title button")].map((b) => [b.innerText, b.getBoundingClientRect()]).filter(([, r]) => r.width > 0 && (r.width < 48 || r.height < 48)).map(([w, r]) => `${w} ${Math.round(r.width)}x${Math.round(r.height)}`)',
        );
        self::assertSame([], $small);
    }

    private function theNetworkGoesAndComesBack(): void
    {
        $left = $this->linesLeft();
        $this->network(false);
        $this->answerALook();
        $this->waitForText('.head-sub', '1 line kept on this tablet');
        self::assertSame(
            $left - 1,
            $this->linesLeft(),
            'what was walked is walked, and the head says that it is only kept',
        );

        $this->network(true);
        $this->web->executeScript('window.dispatchEvent(new Event("online"))');
        $this->waitUntil(
            fn (): bool => ! str_contains($this->text('.head-sub'), 'kept'),
            'What was kept is not posted.',
        );
        self::assertSame($left - 1, $this->linesLeft());
    }

    private function aReloadComesBackToTheSameLine(): void
    {
        $line = $this->line();
        $this->web->navigate()->refresh();
        $this->wait('[data-line]');
        self::assertSame($line, $this->line());
        self::assertCount(1, $this->web->findElements(WebDriverBy::cssSelector('.cell-now')));
    }
}
