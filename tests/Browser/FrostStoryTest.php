<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserTestCase;
use Tests\Support\WalkerOverHttp;
use Tests\Support\WalksInTheBrowser;

/** Oil in frost: nobody has to write down a false figure to start a machine, and nobody decides before it is read. */
final class FrostStoryTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    private const GLASS = 'hyd-level-glass';

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_oil_in_frost_is_read_again_when_it_is_warm(): void
    {
        $ines = new WalkerOverHttp('ines');
        $this->signIn('ines');
        $this->tapOn('a[href$="/fleet"]');
        $this->tap('machine-L-04');
        $this->tap('next-act');
        $this->wait('.crossing');
        $this->confirmState();
        $walk = (string) $this->web->executeScript("return location.pathname.split('/').pop()");
        $ines->answer($walk, leave: [self::GLASS], until: $this->firstOf('key_on'));
        $this->openAnew("/app/walks/{$walk}");
        $this->wait('.station-leaf, .panel-in-place, .crossing');

        $this->goToLine(self::GLASS);
        $this->holdPosture();
        $this->measure('oil_20_to_40', '5');
        $this->setValue('30');
        $this->wait(self::named('post-later'));
        $this->waitForText('.panel', 'Read it again when it holds');
        $this->picture('frost-before');
        $this->tap('post-later');

        $ines->answer($walk, leave: [self::GLASS], until: $this->firstOf('running'));
        $this->openAnew("/app/walks/{$walk}");
        $this->wait('.station-leaf, .panel-in-place, .crossing');
        $this->goToStopOf($this->firstOf('running'));
        $this->wait('.crossing');
        $this->confirmState();
        $ines->answer($walk, leave: [self::GLASS]);
        $this->openAnew("/app/walks/{$walk}");
        $this->wait('.station-leaf');
        self::assertSame(1, $this->linesLeft(), 'it is still owed');

        $this->goToLine(self::GLASS);
        $this->picture('frost-warm');
        $this->holdPosture();
        $this->setValue('30');
        $this->postReading();
        $this->waitUntil(fn (): bool => $this->linesLeft() === 0, 'The warm oil is not taken.');
        // It was the last thing of all, and held: the walk has gone on to the decision.
        self::assertSame('released', $this->wait(self::named('computed'))->getAttribute('data-decision'));
        $this->assertConsoleIsClean();
    }

    private function firstOf(string $stage): string
    {
        return array_column(array_reverse($this->walkInPage()['lines']), 'key', 'stage')[$stage];
    }

    private function measure(string $condition, string $value): void
    {
        $this->tap("condition-{$condition}");
        $this->type('pad-input', $value);
        $this->tap('pad-set');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('pad-input')), 'The number pad stays.');
    }
}
