<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalkerOverHttp;
use Tests\Support\WalksInTheBrowser;

/**
 * One hire from the first line to the double rule: out, handed over, back with damage and low oil, balanced, closed.
 */
final class HireStoryTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    private const OUT = [
        'hyd-level-glass' => '30',
        'eng-oil-stick' => '18',
        'cool-bottle' => '26',
        'fuel-level' => '230',
        'def-level' => '27',
        'doc-hour-meter' => '2711.5',
        'doc-key-label' => '3',
        'doc-manual' => '1',
    ];

    private string $spread = '';

    public function test_a_machine_goes_out_and_comes_back(): void
    {
        $this->signIn('ines');
        $this->checkOut();
        $this->handOverAndSign(pictureAt: 'Turn the key');
        $this->waitForText(self::named('open-out-E-09'), 'Gone');
        $this->comeBackWithDamageAndLowOil();
        $this->balanceAndClose();
        $this->assertConsoleIsClean();
    }

    private function checkOut(): void
    {
        $this->openRow('open-out-E-09');
        $this->wait('.crossing');
        $this->picture('crossing');
        // The papers by hand, and what is left once a colleague has gone round: tanks, seat, the tests of what runs.
        $this->walkOn(self::OUT, until: 'hyd-jumper');
        $this->aColleagueGoesOnUntil('def-level', self::OUT);
        $this->walkOn(self::OUT);
        $this->waitUntil(fn (): bool => $this->linesLeft() === 0, 'Lines are left open.');

        $this->toDecision();
        self::assertSame('released', $this->wait(self::named('computed'))->getAttribute('data-decision'));
        $this->hold('release');
        $this->wait(self::named('stamp'));
        $this->picture('release');
        $this->tap('onwards');
    }

    private function comeBackWithDamageAndLowOil(): void
    {
        $this->tapOn('a[href$="/fleet"]');
        $this->tap('machine-E-09');
        $this->tapOn('.machine-folios a');
        $this->tap('open-return');
        $back =
            ['doc-hour-meter' => '2711.6', 'fuel-level' => '120', 'def-level' => '20', 'doc-key-label' => '2'] +
            self::OUT;
        $this->wait('.crossing');
        $this->aColleagueGoesOnUntil('hyd-level-glass', $back);
        $this->walkOn($back, until: 'hyd-level-glass');

        $this->lowOilIsAttendedToAndReadAgain();
        $this->damageIsPlacedOnTheDrawing();
        $this->aColleagueGoesOnUntil('def-level', $back);
        $this->walkOn($back);
        $this->countIsShort();

        $this->toDecision();
        $this->wait('.grounds, '.self::named('computed'));
        $this->hold($this->exists(self::named('release')) ? 'release' : 'hold-machine');
        $this->tap('onwards');
    }

    /**
     * What is walked by hand from end to end in other stories is entered beside the browser here.
     *
     * @param array<string, string> $values figures by line key
     */
    private function aColleagueGoesOnUntil(string $line, array $values): void
    {
        $walk = (string) $this->web->executeScript("return location.pathname.split('/').pop()");
        (new WalkerOverHttp('ines'))->answer($walk, values: $values, until: $line);
        $this->openAnew("/app/walks/{$walk}");
    }

    private function lowOilIsAttendedToAndReadAgain(): void
    {
        $this->wait(self::named('value'));
        self::assertFalse(
            $this->web->findElement(WebDriverBy::cssSelector(self::named('post')))->isEnabled(),
            'no reading before the posture is held',
        );
        $this->holdPosture();
        $this->setValue('18');
        $this->waitForText(self::named('verdict'), '6 mm below the Add mark');
        $this->waitForText(self::named('verdict'), 'Add 1 L of ISO 46');
        $this->picture('walk');
        $this->web->executeScript('document.documentElement.dataset.set = "night"');
        $this->picture('walk-night');
        $this->web->executeScript('document.documentElement.dataset.set = "day"');
        $this->postReading();
        $this->waitForText('.reread', 'Re-read from');

        $this->tap('filled-in');
        $this->type('pad-input', '1.2');
        $this->tap('pad-set');
        $this->waitForText(self::named('filled-in'), '1.2 L ISO 46 filled in');
        $this->picture('reread');
        // Oil was added: the second reading is made with the keys of the instrument.
        $slider = $this->wait('[role="slider"]');
        for ($i = 0; $i < 12; $i++) {
            $slider->sendKeys(WebDriverKeys::ARROW_UP);
        }
        $this->waitForText(self::named('value'), '30');
        $this->waitForText(self::named('verdict'), 'Stands');
        $this->postReading();
        $this->waitUntil(fn (): bool => ! $this->exists('.panel'), 'The second reading is not taken.');
    }

    private function damageIsPlacedOnTheDrawing(): void
    {
        $plan = $this->wait(self::named('plan'));
        $size = $plan->getSize();
        // On the counterweight: the right end of the machine, on its axis.
        $this->web
            ->action()
            ->moveToElement($plan, (int) ($size->getWidth() * 0.37), (int) ($size->getHeight() * 0.14))
            ->click()
            ->perform();
        $this->tap('choice-dent');
        $this->tap('finding-size');
        $this->type('pad-input', '140');
        $this->tap('pad-set');
        $this->type('finding-words', 'Counterweight, right rear, paint off.');
        $this->web->findElement(WebDriverBy::cssSelector(self::named('photo')))->sendKeys(self::photo());
        $this->wait('.photo-field img');
        $this->waitForText('.severity', 'Note');
        $this->picture('finding');
        $this->tap('place-finding');
        $this->wait('[data-testid^="finding-"][role="button"]');
    }

    private function countIsShort(): void
    {
        $this->waitUntil(fn (): bool => $this->linesLeft() === 0, 'Lines are left open.');
        $this->waitUntil(
            fn (): bool => $this->exists('.cell-attend'),
            'A key that did not come back is not attended to.',
        );
    }

    private function balanceAndClose(): void
    {
        $this->wait('.spread');
        $this->spread = $this->web->getCurrentURL();
        self::assertStringContainsString('−110', $this->text(self::named('spread-fuel-level')));
        self::assertStringContainsString('−1', $this->text(self::named('spread-doc-key-label')));
        self::assertStringContainsString('+0.1', $this->text(self::named('spread-doc-hour-meter')));
        self::assertFalse(
            $this->web->findElement(WebDriverBy::cssSelector(self::named('close-hire')))->isEnabled(),
            'what does not balance is explained first',
        );
        $this->picture('spread');

        while ($this->exists(self::named('explain'))) {
            $left = count($this->web->findElements(WebDriverBy::cssSelector(self::named('explain'))));
            $this->tap('explain');
            $this->tap('why-charged');
            $this->tap('explain-post');
            $this->waitUntil(
                fn (): bool => count($this->web->findElements(WebDriverBy::cssSelector(self::named('explain')))) <
                    $left,
                'The explanation is not posted.',
            );
        }
        $this->hold('close-hire');
        $this->waitForText('.spread-foot', 'Closed');
        $this->open((string) parse_url($this->spread, PHP_URL_PATH));
        $this->waitForText('.spread-foot', 'Closed');
    }
}
