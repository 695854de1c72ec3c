<?php

declare(strict_types=1);

namespace Tests\Support;

use Carbon\CarbonImmutable;
use Database\Seeders\Demo\DemoReadings;
use Facebook\WebDriver\WebDriverBy;

/** The hands of a technician: confirms states, holds postures, sets instruments and answers line after line. */
trait WalksInTheBrowser
{
    /** Every so many looks one is answered by a press of the pointer, with all that it has to find out first. */
    private const BY_HAND_EACH = 9;

    /** What is measured where a condition asks for a figure. */
    private const MEASURED = [
        'level_ground' => '0.6',
        'engine_off_10_min' => '25',
        'engine_off_5_min' => '12',
        'oil_20_to_40' => '27',
        'tyre_temperature' => '20',
        'acid_temperature' => '25',
        'rested_an_hour' => '90',
        'hold_revs' => '1500',
        'coolant_cool' => '25',
    ];

    /** @var array<string, true> */
    private static array $lookedAt = [];

    /**
     * What was known of the walk before the network went.
     *
     * @var array{lines: list<array<string, mixed>>, serial: string, hours: string}|null
     */
    private ?array $knownWalk = null;

    private bool $hasConfirmedByHand = false;

    /**
     * Walks on until the line that is named, which is opened, or to the end.
     *
     * @param array<string, string> $values figures by line key
     */
    protected function walkOn(array $values, ?string $until = null): void
    {
        for ($pages = 0; ; $pages++) {
            $this->wait('.crossing, '.self::named('station').', '.self::named('line'));
            if ($this->linesLeft() === 0) {
                return;
            }
            if ($this->exists('.crossing')) {
                $this->confirmState();

                continue;
            }
            if ($this->exists(self::named('cross'))) {
                $this->tap('cross');
                $this->wait('.crossing');

                continue;
            }
            $here = $this->pageOfWalk();
            if ($until !== null && $this->stopsAt($until)) {
                return;
            }
            $this->answerPage($values, isByHand: $pages % self::BY_HAND_EACH === 0);
            if ($this->pageOfWalk() === $here && $this->exists(self::named('on').':not([disabled])')) {
                $this->tap('on');
            }
        }
    }

    /** Whether a line stands on this page; it is opened then. */
    private function stopsAt(string $key): bool
    {
        $isHere = "[data-line=\"{$key}\"], [data-testid=\"at-{$key}\"], [data-testid^=\"detail-{$key}\"]";
        if ($this->exists($isHere)) {
            $this->openLine($key);

            return true;
        }

        return false;
    }

    /** @return string which stop it is, and which page of it; nothing where another state is asked for */
    private function pageOfWalk(): string
    {
        return (string) $this->web->executeScript(<<<'JS'
            const page = document.querySelector('.station-pages [aria-current]');
            return document.querySelector('.station-leaf, .panel-in-place') === null
              ? ''
              : document.querySelector('.cell-now').dataset.testid + (page?.innerText ?? '');
            JS);
    }

    /**
     * Everything on a page: what is touched alone, what is read, and the others by the act that is held.
     *
     * @param array<string, string> $values figures by line key
     */
    protected function answerPage(array $values, bool $isByHand = false): void
    {
        $here = $this->pageOfWalk();
        $unread = [];
        if ($isByHand) {
            $this->lookOnce('station');
            foreach ($this->web->findElements(WebDriverBy::cssSelector('[data-testid^="stands-"]')) as $act) {
                $this->press($act);
            }
        }
        $this->stride();
        if ($this->exists('.station-choices')) {
            $this->tap($this->onThePlate());
            $this->waitUntil(fn (): bool => ! $this->exists('.station-choices'), 'The plate is not posted.');
        }
        while ($this->pageOfWalk() === $here) {
            if ($this->exists('.panel-in-place')) {
                $this->readInPlace($values);
                $this->stride();

                continue;
            }
            $next = $this->web->executeScript(
                'return [...document.querySelectorAll(".station-opened .station-act")].map((act) => act.dataset.testid)'
                    .'.find((id) => !arguments[0].includes(id)) ?? null',
                [$unread],
            );
            if (! is_string($next)) {
                return;
            }
            $unread[] = $next;
            [$how, $line] = explode('-', $next, 2);
            if ($how === 'quick' && ! isset($values[$line])) {
                $this->tap($next);
                $this->waitUntil(fn (): bool => ! $this->exists(self::named($next)), "{$line} is not posted.");

                continue;
            }
            $this->tap("open-{$line}");
            $this->wait(self::named('line'));
            $this->readInPlace($values);
            // Where the act had to wait for a reading, what it says is left.
            $this->stride();
        }
    }

    /**
     * Answers what is opened, or stands on the page itself; where it does not stand, the walk goes on all the same.
     *
     * @param array<string, string> $values figures by line key
     */
    private function readInPlace(array $values): void
    {
        $line = $this->line();
        $this->answersByHand($values);
        $this->waitUntil(
            fn (): bool => $this->exists(self::named('go-on'))
                || ! $this->exists(self::named('line')."[data-line=\"{$line}\"]"),
            "The walk stays at {$line}.",
        );
        if ($this->exists(self::named('go-on'))) {
            $this->tap('go-on');
        }
    }

    /** The act of that serial, of the three that are shown, which is on the plate. */
    protected function onThePlate(): string
    {
        return "plate-{$this->walkInPage()['serial']}";
    }

    /**
     * The first look of the page that is open, or of the next one; opened with all that is known of it, and found as
     * it should be.
     */
    protected function answerALook(): string
    {
        $this->waitForRest();
        $line = $this->web->executeScript(<<<'JS'
            return [...document.querySelectorAll('.station-leaf [data-testid^="amiss-"]')]
              .map((act) => act.dataset.testid.slice('amiss-'.length)).find((id) => !id.includes(':')) ?? null;
            JS);
        if (! is_string($line)) {
            $this->tap('on');

            return $this->answerALook();
        }
        $this->openLine($line);
        $this->tap('stands');
        $this->waitUntil(fn (): bool => ! $this->exists('.panel'), "The walk stays at {$line}.");

        return $line;
    }

    /** Goes to a line by its stop on the strip, its page and its row, and opens it. */
    protected function goToLine(string $key): void
    {
        $line = array_column($this->walkInPage()['lines'], null, 'key')[$key];
        $this->goToStopOf($key);
        $this->waitUntil(
            fn (): bool => $this->exists('.crossing, .station-leaf, .panel-in-place'),
            'No stop is shown.',
        );
        $page = self::named("page-{$line['page']}");
        if ($this->exists($page)) {
            $this->web->executeScript('document.querySelector(arguments[0]).click()', [$page]);
        }
        $this->openLine($key);
    }

    /** Opens a line of the page that is shown. */
    protected function openLine(string $key): void
    {
        $this->waitUntil(
            fn (): bool => (bool) $this->web->executeScript(<<<'JS'
                const row = [...document.querySelectorAll('[data-testid^="detail-"]')]
                  .find(({ dataset }) =>
                    [arguments[0], `${arguments[0]}:0`].includes(dataset.testid.slice('detail-'.length)));
                (row ?? document.querySelector(`[data-testid="at-${arguments[0]}"]`))?.click();
                return document.querySelector('.panel')?.dataset.line === arguments[0];
                JS, [$key]),
            "The walk does not open {$key}.",
        );
    }

    /** The decision of the walk, where its last page has not gone on to it by itself. */
    protected function toDecision(): void
    {
        $this->waitForRest();
        if (! $this->exists('.leaf')) {
            $this->tap('decision');
        }
    }

    /** Goes to the stop of a line, which is a crossing where its state was not entered. */
    protected function goToStopOf(string $key): void
    {
        $stops = array_values(array_unique(array_column($this->walkInPage()['lines'], 'visit')));
        $line = array_column($this->walkInPage()['lines'], null, 'key')[$key];
        $this->web->executeScript(
            "document.querySelectorAll('.cells button')[arguments[0]].click()",
            [array_search($line['visit'], $stops, true)],
        );
    }

    /** Types what stands on the plate, or a day on which the paper is fresh. */
    protected function comparePaper(): void
    {
        if ($this->exists(self::named('paper-serial'))) {
            $this->type('paper-serial', $this->walkInPage()['serial']);
        } else {
            // Each language has another order of day and month in this field; the page is told the day itself.
            $this->web->executeScript(<<<'JS'
                const field = document.querySelector('[data-testid=paper-date]');
                Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, arguments[0]);
                field.dispatchEvent(new Event('input', { bubbles: true }));
                JS, [CarbonImmutable::now()->subDays(5)->format('Y-m-d')]);
        }
        $this->tap('compare');
    }

    /**
     * The plan of the walk that is open, and the serial and the meter of its machine.
     *
     * @return array{lines: list<array<string, mixed>>, serial: string, hours: string}
     */
    private function walkInPage(): array
    {
        return $this->knownWalk ?? $this->readWalk('/api/walks/', 'location.pathname.split("/").pop()');
    }

    /**
     * The same of a walk that nobody opened yet.
     *
     * @return array{lines: list<array<string, mixed>>, serial: string, hours: string}
     */
    private function walkToBe(string $hire): array
    {
        return $this->readWalk("/api/hires/{$hire}/walks/", '"checkout"');
    }

    /** @return array{lines: list<array<string, mixed>>, serial: string, hours: string} */
    private function readWalk(string $path, string $name): array
    {
        return json_decode(
            (string) $this->web->executeAsyncScript(
                <<<JS
                const done = arguments[0];
                const headers = { Accept: 'application/json' };
                const ask = (path) => fetch(path, { headers }).then((answer) => answer.json());
                (async () => {
                  const walk = await ask('{$path}' + {$name});
                  const machine = await ask('/api/machines/' + walk.machine.id);
                  const lines = walk.plan.visits.flatMap((visit) => visit.lines.map((line, place) => ({
                    ...line,
                    place,
                    page: visit.leaves.findIndex((leaf) => leaf.lines.includes(line.key)) + 1,
                    visit: visit.number,
                    stage: visit.stage,
                    outcome: walk.state.lines.find((one) => one.key === line.key)?.outcome,
                  })));
                  done(JSON.stringify({ hours: walk.machine.smr_hours ?? '1000.0', lines, serial: machine.serial }));
                })();
                JS
                ,
            ),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /**
     * Answers the line that is shown as it should be; a look is left to whoever asks.
     *
     * @param array<string, string> $values figures by line key
     */
    protected function answersByHand(array $values): bool
    {
        $line = $this->line();
        if ($this->exists(self::named('value'))) {
            $this->lookOnce(
                'reading-'.
                    $this->web->executeScript(
                        'return document.querySelector("svg[data-drawn]")?.dataset.drawn ?? "plain"',
                    ),
            );
            $this->holdPosture();
            $this->setValue($values[$line] ?? $this->amidst($line));
            $this->postReading();
        } elseif ($this->exists(self::named('as-expected'))) {
            $this->lookOnce('test');
            $this->passTest();
        } elseif ($this->exists(self::named('post-dashboard'))) {
            $this->lookOnce('dashboard');
            $this->tap('post-dashboard');
        } elseif ($this->exists(self::named('compare'))) {
            $this->lookOnce('paper');
            $this->comparePaper();
        } else {
            return false;
        }

        return true;
    }

    /** Held where it says the posture too, or is the last thing on its page. */
    protected function postReading(): void
    {
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('verdict-fetching')), 'There is no verdict.');
        $this->exists('.hold'.self::named('post')) ? $this->hold('post') : $this->tap('post');
    }

    /**
     * Step after step as expected, until another line stands there; whoever waited by another watch does not start
     * this one.
     */
    protected function passTest(): void
    {
        for (
            $steps = (int) $this->web->executeScript("return document.querySelectorAll('.test-step').length");
            $steps > 0;
            $steps--
        ) {
            if ($this->exists(self::named('hold-start'))) {
                $this->waitOutTheClock();
            }
            $this->tap('as-expected');
        }
    }

    /** Starts the clock of a step, and puts that of the page on by ten minutes: nobody is tested for their patience. */
    private function waitOutTheClock(): void
    {
        $this->tap('hold-start');
        $this->web->executeScript(
            'const now = Date.now; Date.now = () => now() + 600000; setTimeout(() => { Date.now = now; }, 1500);',
        );
    }

    /** A figure that stands: amidst the band, or what the meter showed before. */
    private function amidst(string $line): string
    {
        $here = $this->walkInPage();
        $payload = (new DemoReadings($here['hours']))->of(
            ['conditions' => []] + array_column($here['lines'], null, 'key')[$line],
            [],
        );

        return $payload['value'] ?? $payload['points'][0];
    }

    /**
     * Touches what is touched alone and holds for the rest from within the page, which is a hand that does not have
     * to be told.
     */
    private function stride(): void
    {
        $this->waitForRest();
        $this->web->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            const [clock, timer] = [Date.now, window.setTimeout];
            let ahead = 0;
            Date.now = () => clock() + ahead;
            const end = () => {
              Date.now = clock;
              window.setTimeout = timer;
              timer(done, 60);
            };
            const step = () => {
              const alone = ':is([data-testid^="stands-"], [data-testid^="start-"]):not([disabled])';
              const act = document.querySelector(`.station-leaf ${alone}`);
              if (act !== null) {
                const seconds = act.dataset.testid.startsWith('start-') ? Number(/\d+/.exec(act.textContent)[0]) : 0;
                act.click();
                // The clock of the page goes on by what the step takes: nobody is tested for their patience.
                ahead += seconds * 1000;
                timer(step, seconds > 0 ? 260 : 0);
                return;
              }
              const held = document.querySelector('[data-testid="others-stand"]');
              if (held === null) {
                return end();
              }
              // A second that is held is held once in each story by the pointer.
              window.setTimeout = (then, ms, ...more) => timer(then, ms === 1000 ? 0 : ms, ...more);
              held.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }));
              timer(end, 40);
            };
            step();
            JS);
    }

    /** Answers what is asked back; the first one wrongly, as people do. */
    private function answerBack(): void
    {
        $this->wait('.question');
        $this->tap('answer-1');
        $this->tap('ask-again');
        while ($this->exists('.question')) {
            $asked = $this->text('.question h2');
            $this->tap('answer-0');
            $this->tap('next-question');
            $this->waitUntil(
                fn (): bool => ! $this->exists('.question') || $this->text('.question h2') !== $asked,
                'The question stays.',
            );
        }
    }

    /** Shows step after step, then signs for the person who was briefed, and hands the tablet back. */
    protected function handOverAndSign(string $pictureAt = ''): void
    {
        $this->giveTheTabletOut();
        $this->wait(self::named('next-step'));
        while ($this->exists(self::named('next-step'))) {
            $step = $this->text('.step h2');
            if ($pictureAt !== '' && str_contains($step, $pictureAt)) {
                $this->picture('handover');
            }
            $this->tap('next-step');
            $this->waitUntil(fn (): bool => $this->text('.step h2') !== $step, 'The step stays.');
        }
        $this->answerBack();
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.gate .act')) as $gate) {
            $this->press($gate);
        }
        $this->type('gate-number-doc-operator-proof', 'TQ 4471');
        $this->type('signer', 'Tobias Wray');
        $field = $this->wait(self::named('signature'));
        $this->web
            ->action()
            ->moveToElement($field, -120, 0)
            ->clickAndHold()
            ->moveByOffset(80, -30)
            ->moveByOffset(90, 40)
            ->release()
            ->perform();
        $this->hold('sign');
        $this->wait('.signed '.self::named('stamp'));
        $this->tap('hand-back');
        $this->enterPin('7304');
        $this->wait('.day');
    }

    /** Whoever gives the tablet out enters a PIN first, with which it is opened again. */
    protected function giveTheTabletOut(): void
    {
        $this->wait('.handover');
        $this->wait(self::named('pin'));
        $this->lookOnce('handover-give-out');
        $this->enterPin('7304');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('pin')), 'The tablet is not given out.');
    }

    protected function enterPin(string $pin): void
    {
        $this->typeAnew('pin', $pin);
        $this->tap('pin-go');
    }

    protected function confirmState(): void
    {
        $this->lookOnce($this->kindOfCrossing());
        $this->confirmLines();
        if ($this->exists('.second-person:not(.second-still)')) {
            $this->wait('.second-person .act');
            if (! $this->exists('.second-person [aria-pressed="true"]')) {
                $this->tapOn('.second-person .act');
            }
            $this->typeAnew('second-secret', 'tern-quay');
        }
        $this->exists('.hold'.self::named('confirm-state'))
            ? $this->hold('confirm-state')
            : $this->tap('confirm-state');
        $this->waitUntil(fn (): bool => ! $this->exists('.crossing'), 'The state is not entered.');
    }

    /** What the picture of this crossing is called. */
    private function kindOfCrossing(): string
    {
        $kinds = [
            '.crossing-band' => 'crossing-on-its-page',
            '.second-still' => 'crossing-second-still',
            '.second-person' => 'crossing-with-second',
        ];
        foreach ($kinds as $selector => $kind) {
            if ($this->exists($selector)) {
                return $kind;
            }
        }

        return 'crossing';
    }

    /** Line by line: the first crossing of a story by the pointer, the others from within the page. */
    private function confirmLines(): void
    {
        // Where time matters the first touch starts the clock, the second one says that it was waited.
        if (! $this->hasConfirmedByHand) {
            $this->hasConfirmedByHand = true;
            foreach ($this->web->findElements(WebDriverBy::cssSelector('.crossing-line')) as $line) {
                while ($line->getAttribute('aria-pressed') !== 'true') {
                    $this->press($line);
                }
            }

            return;
        }
        $this->web->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            const step = () => {
              const line = [...document.querySelectorAll('.crossing-line')]
                .find((one) => one.getAttribute('aria-pressed') !== 'true');
              if (line === undefined) {
                return done();
              }
              line.click();
              setTimeout(step, 0);
            };
            step();
            JS);
    }

    /**
     * Whether what is shown keeps anybody out, by day and by night: once for each kind of thing in a run, for it
     * takes its time.
     */
    protected function lookOnce(string $what): void
    {
        if (isset(self::$lookedAt[$what])) {
            return;
        }
        self::$lookedAt[$what] = true;
        $this->assertAccessible();
        $this->web->executeScript('document.documentElement.dataset.set = "night"');
        $this->assertContrast();
        $this->picture("{$what}-night");
        $this->web->executeScript('document.documentElement.dataset.set = "day"');
    }

    protected function holdPosture(): void
    {
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.condition[aria-pressed="false"]')) as $condition) {
            $id = str_replace('condition-', '', (string) $condition->getAttribute('data-testid'));
            $this->tap("condition-{$id}");
            if (isset(self::MEASURED[$id]) && $this->exists(self::named('pad-input'))) {
                $this->type('pad-input', self::MEASURED[$id]);
                $this->tap('pad-set');
                $this->waitUntil(fn (): bool => ! $this->exists(self::named('pad-input')), 'The number pad stays.');
            }
        }
    }

    /** The second way to a figure: typing it. */
    protected function setValue(string $value): void
    {
        for (
            $points = max(1, count($this->web->findElements(WebDriverBy::cssSelector('.points button'))));
            $points > 0;
            $points--
        ) {
            $this->tap('value');
            $this->type('pad-input', $value);
            $this->tap('pad-set');
            $this->waitUntil(fn (): bool => ! $this->exists(self::named('pad-input')), 'The number pad stays.');
        }
        // Where the figure says nothing alone, it went as it should.
        foreach (['look-stood', 'look-smooth'] as $look) {
            if ($this->exists(self::named($look))) {
                $this->tap($look);
            }
        }
    }

    protected function line(): string
    {
        return (string) $this->web->executeScript("return document.querySelector('[data-line]')?.dataset.line ?? ''");
    }

    protected function linesLeft(): int
    {
        return (int) $this->web->executeScript(
            "return /^(\\d+) line/m.exec(document.querySelector('.minutes-under')?.innerText ?? '')?.[1] ?? 0",
        );
    }
}
