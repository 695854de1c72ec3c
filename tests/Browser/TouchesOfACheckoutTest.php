<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\PeriodicChecks;
use JadeLedger\Core\Walk\CountTouches;
use JadeLedger\Core\Walk\PlanWalk;
use Tests\Support\BrowserTestCase;
use Tests\Support\RealCatalogue;
use Tests\Support\WalksInTheBrowser;

/** A pallet truck is checked out upright and by finger alone; whatever is touched or held is counted. */
final class TouchesOfACheckoutTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    private int $acts = 0;

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_a_pallet_truck_takes_as_many_touches_as_its_plan_says(): void
    {
        $this->signIn('dilys');
        $this->touch('open-out-J-20');
        $this->wait('.crossing, '.self::named('open-walk'));
        if ($this->exists(self::named('open-walk'))) {
            $this->touch('open-walk');
        }
        while (! $this->exists(self::named('computed'))) {
            $this->wait('.crossing, .panel-in-place, '.self::named('station').', '.self::named('computed'));
            if ($this->exists(self::named('computed'))) {
                break;
            }
            $this->exists('.crossing') ? $this->crossByFinger() : $this->walkPageByFinger();
        }
        self::assertSame('released', $this->wait(self::named('computed'))->getAttribute('data-decision'));
        $this->hold('release');
        $this->acts++;

        $catalogue = RealCatalogue::get();
        $model = $catalogue->model('fenwold_p20');
        // It was never walked: what comes back with the calendar is due.
        $periodic = PeriodicChecks::of($catalogue->checks, $catalogue->featuresOf($model))
            ->due([], CalendarDate::parse('2026-12-01'));
        $plan = (new PlanWalk($catalogue))->for($model, Movement::Checkout, $periodic);
        // What is typed beside them is as long as a password is.
        self::assertSame((new CountTouches($catalogue))->ofFirst($plan)->acts, $this->acts);
        $this->assertConsoleIsClean();
    }

    private function touch(string $testId): void
    {
        $this->tap($testId);
        $this->acts++;
    }

    private function crossByFinger(): void
    {
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.crossing-line')) as $line) {
            while ($line->getAttribute('aria-pressed') !== 'true') {
                $this->press($line);
                $this->acts++;
            }
        }
        if ($this->exists('.second-person:not(.second-still)')) {
            $this->tapOn('.second-person .act');
            $this->typeAnew('second-secret', 'tern-quay');
            $this->acts++;
        }
        $this->exists('.hold'.self::named('confirm-state'))
            ? $this->hold('confirm-state')
            : $this->tap('confirm-state');
        $this->acts++;
        $this->waitUntil(fn (): bool => ! $this->exists('.crossing'), 'The state is not entered.');
    }

    private function walkPageByFinger(): void
    {
        $this->waitForRest();
        $page = $this->pageOfWalk();
        if ($this->exists('.station-choices')) {
            $this->touch($this->onThePlate());
            $this->waitUntil(fn (): bool => ! $this->exists('.station-choices'), 'The plate is not taken.');
        }
        while (($act = $this->nextAct()) !== null) {
            if ($this->exists(self::named('last-stands'))) {
                $this->hold('last-stands');
                $this->acts++;
                $this->waitUntil(fn (): bool => $this->pageOfWalk() !== $page, 'The last line is not taken.');

                return;
            }
            if ($act === 'post') {
                $this->readByFinger();
                if ($this->pageOfWalk() !== $page) {
                    return;
                }
            } else {
                $this->putTheClockOn($act);
                $this->touch($act);
                $this->waitUntil(
                    fn (): bool => ! $this->exists(self::named($act).':not([disabled])'),
                    "{$act} is not taken.",
                );
            }
        }
        if ($this->exists(self::named('others-stand'))) {
            $this->hold('others-stand');
            $this->acts++;
            $this->waitUntil(
                fn (): bool => $this->pageOfWalk() !== $page || ! $this->exists(self::named('others-stand')),
                'What was held is not taken.',
            );
        }
        if ($this->pageOfWalk() === $page && $this->exists(self::named('on').':not([disabled])')) {
            $this->touch('on');
        }
    }

    /** @return string|null the first act of the page that is open; that of an instrument, where one stands on it */
    private function nextAct(): ?string
    {
        $id = $this->web->executeScript(<<<'JS'
            return document.querySelector('.panel-in-place [data-testid="post"]')?.dataset.testid
              ?? document
                .querySelector('.station-leaf :is([data-testid^="start-"], .station-act):not([disabled])')
                ?.dataset.testid
              ?? null;
            JS);

        return is_string($id) ? $id : null;
    }

    /** Where a step is held for some seconds, the clock of the page goes on by them. */
    private function putTheClockOn(string $act): void
    {
        if (str_starts_with($act, 'start-')) {
            $this->web->executeScript(<<<'JS'
                const seconds = Number(/\d+/.exec(document.querySelector(arguments[0]).textContent)[0]);
                const clock = Date.now;
                setTimeout(() => { Date.now = () => clock() + seconds * 1000; }, 600);
                setTimeout(() => { Date.now = clock; }, 6000);
                JS, [self::named($act)]);
        }
    }

    /** An instrument is stepped to where the real one stands; what is only seen of its posture is said with it. */
    private function readByFinger(): void
    {
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.condition[aria-pressed="false"]')) as $condition) {
            $id = str_replace('condition-', '', (string) $condition->getAttribute('data-testid'));
            if (RealCatalogue::get()->condition($id)->wantsFigure) {
                $this->touch("condition-{$id}");
                $this->type('pad-input', self::MEASURED[$id]);
                $this->touch('pad-set');
                $this->waitUntil(fn (): bool => ! $this->exists(self::named('pad-input')), 'The number pad stays.');
            }
        }
        $line = $this->line();
        $this->setValue($this->amidst($line));
        // Drawn to where it stands, and put right by a step: what the truck has is measured.
        $this->acts += 2;
        $this->postReading();
        $this->acts++;
        $this->waitUntil(fn (): bool => $this->line() !== $line, 'What was read is not taken.');
    }
}
