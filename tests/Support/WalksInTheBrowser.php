<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\Demo\DemoReadings;
use Facebook\WebDriver\WebDriverBy;

/** The hands of a technician: confirms states, holds postures, sets instruments and answers line after line. */
trait WalksInTheBrowser
{
    /** Every so many looks one is answered by a press of the pointer, with all that it has to find out first. */
    private const BY_HAND_EACH = 9;

    /** What is measured where a condition asks for a figure. */
    private const MEASURED = ['level_ground' => '0.6', 'engine_off_10_min' => '25', 'engine_off_5_min' => '12', 'oil_20_to_40' => '27', 'tyre_temperature' => '20', 'acid_temperature' => '25', 'rested_an_hour' => '90'];

    /**
     * Walks on until the line that is named, or to the end.
     *
     * @param array<string, string> $values figures by line key
     * @return list<string> the lines that were answered on the way
     */
    protected function walkOn(array $values, ?string $until = null): array
    {
        $answered = [];
        while (true) {
            $this->wait('.crossing, '.self::named('line'));
            if ($this->exists('.crossing')) {
                $this->confirmState();

                continue;
            }
            $line = $this->line();
            if ($line === $until || in_array($line, $answered, true)) {
                return $answered;
            }
            if ($this->exists(self::named('value'))) {
                $this->holdPosture();
                $this->setValue($values[$line] ?? $this->amidst($line));
                $this->tap('post');
            } elseif (count($answered) % self::BY_HAND_EACH === 0) {
                $this->tap('stands');
            } else {
                array_push($answered, ...$this->stride($until));

                continue;
            }
            $answered[] = $line;
            $this->waitUntil(fn (): bool => $this->exists('.crossing') || $this->line() !== $line || $this->linesLeft() === 0 || $this->exists(self::named('go-on')), "The walk stays at {$line}.");
            if ($this->line() === $line && $this->exists(self::named('go-on'))) {
                $this->tap('go-on');
            }
            if ($this->linesLeft() === 0) {
                return $answered;
            }
        }
    }

    /** The figure amidst the band of an instrument with a scale; other instruments are given theirs by the test. */
    private function amidst(string $line): string
    {
        $lines = $this->web->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            fetch('/api/walks/' + location.pathname.split('/').pop(), { headers: { Accept: 'application/json' } }).then((answer) => answer.json()).then((walk) => done(JSON.stringify(walk.plan.visits.flatMap((visit) => visit.lines))));
            JS);
        $planned = array_column(json_decode((string) $lines, true, flags: JSON_THROW_ON_ERROR), null, 'key')[$line];
        if ($planned['instrument']['kind'] !== 'scale') {
            self::fail("No figure is given for {$line}.");
        }

        return (new DemoReadings('0'))->of(['conditions' => []] + $planned, [])['value'];
    }

    /**
     * Answers looks one after the other from within the page, which is a hand that does not have to be told each time.
     *
     * @return list<string>
     */
    private function stride(?string $until): array
    {
        $this->web->manage()->timeouts()->setScriptTimeout(30);

        return $this->web->executeAsyncScript(<<<'JS'
            const [until, done] = arguments;
            const line = () => document.querySelector('[data-line]')?.dataset.line;
            const answered = [];
            const step = () => {
              const here = line();
              const stands = document.querySelector('[data-testid="stands"]');
              if (document.querySelector('.crossing') !== null || here === undefined || here === until || stands === null || stands.disabled || answered.includes(here) || answered.length === 8) {
                return done(answered);
              }
              answered.push(here);
              stands.click();
              requestAnimationFrame(() => setTimeout(step, 0));
            };
            step();
            JS, [$until]);
    }

    /** Shows step after step, then signs for the person who was briefed, and hands the tablet back. */
    protected function handOverAndSign(string $pictureAt = ''): void
    {
        $this->wait('.handover');
        $this->wait(self::named('next-step'));
        while ($this->exists(self::named('next-step'))) {
            $step = $this->text('.step h2');
            if ($pictureAt !== '' && str_contains($step, $pictureAt)) {
                $this->picture('handover');
            }
            $this->tap('next-step');
            $this->waitUntil(fn (): bool => $this->text('.step h2') !== $step, 'The step stays.');
        }
        $this->type('signer', 'Tobias Wray');
        $field = $this->wait(self::named('signature'));
        $this->web->action()->moveToElement($field, -120, 0)->clickAndHold()->moveByOffset(80, -30)->moveByOffset(90, 40)->release()->perform();
        $this->hold('sign');
        $this->wait('.signed '.self::named('stamp'));
        $this->tap('hand-back');
        $this->wait('.day');
    }

    protected function confirmState(): void
    {
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.crossing-line')) as $line) {
            // Where time matters the first touch starts the clock, the second one says that it was waited.
            while ($line->getAttribute('aria-pressed') !== 'true') {
                $line->click();
            }
        }
        $this->tap('confirm-state');
        $this->waitUntil(fn (): bool => ! $this->exists('.crossing'), 'The state is not entered.');
    }

    protected function holdPosture(): void
    {
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.condition[aria-pressed="false"]')) as $condition) {
            $id = str_replace('condition-', '', (string) $condition->getAttribute('data-testid'));
            $condition->click();
            if (isset(self::MEASURED[$id])) {
                $this->type('pad-input', self::MEASURED[$id]);
                $this->tap('pad-set');
                $this->waitUntil(fn (): bool => ! $this->exists(self::named('pad-input')), 'The number pad stays.');
            }
        }
    }

    /** The second way to a figure: typing it. */
    protected function setValue(string $value): void
    {
        $this->tap('value');
        $this->type('pad-input', $value);
        $this->tap('pad-set');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('pad-input')), 'The number pad stays.');
    }

    protected function line(): string
    {
        return (string) $this->web->executeScript("return document.querySelector('[data-line]')?.dataset.line ?? ''");
    }

    protected function linesLeft(): int
    {
        return (int) $this->web->executeScript("return /^(\\d+) line/.exec(document.querySelector('.minutes-under')?.innerText ?? '')?.[1] ?? 0");
    }
}
