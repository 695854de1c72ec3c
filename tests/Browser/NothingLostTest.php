<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/**
 * A dead network, a reload, a session that ends, another person at the same tablet: nothing that was entered is lost.
 */
final class NothingLostTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    public function test_a_walk_goes_on_without_a_network_and_through_a_reload(): void
    {
        $this->openWalkOf('E-01', 'ines');
        $before = $this->standing();
        $this->network(false);
        $answered = $this->answer(3);
        $this->waitForText('.walk-who', '3 lines kept here');
        $line = $this->line();

        $this->web->navigate()->refresh();
        $this->wait('.station-leaf');
        self::assertSame($line, $this->line(), 'the reload comes back to the same line');
        $this->waitForText('.walk-who', '3 lines kept here');
        $answered = [...$answered, ...$this->answer(2)];
        $this->waitForText('.walk-who', '5 lines kept here');

        $this->network(true);
        $this->waitUntil(fn (): bool => ! str_contains($this->text('.walk-who'), 'kept'), 'The lines are not posted.');
        self::assertEqualsCanonicalizing([...$before, ...$answered], $this->standing(), 'each once, and nothing else');
        self::assertNotSame([], $this->shell(), 'the shell is kept on the tablet');
    }

    public function test_the_network_is_cut_at_every_step_and_each_line_is_posted_once(): void
    {
        $this->openWalkOf('M-33', 'rafe');
        $before = $this->standing();
        $answered = [];
        for ($step = 0; count($answered) < 12; $step++) {
            // Cut before the touch, under the request that the touch began, or between two touches.
            $cutFirst = $step % 3 === 0;
            $this->network(! $cutFirst);
            $answered = [...$answered, ...$this->answer(1)];
            $this->network($step % 3 === 2);
            $this->network(true);
        }

        $this->waitUntil(fn (): bool => $this->keptOnTablet() === [], 'Not every line is posted.');
        self::assertEqualsCanonicalizing([...$before, ...$answered], $this->standing());
        self::assertSame(count(array_unique($answered)), $this->entriesOf($answered), 'each is in the ledger once');
    }

    public function test_a_session_that_ends_in_mid_walk_loses_nothing_and_nobody_else_posts_it(): void
    {
        $walk = $this->openWalkOf('E-18', 'ines');
        $this->waitUntil(fn (): bool => $this->keptOnTablet() === [], 'The crossing is not posted.');
        $before = $this->standing();
        $this->waitUntil(fn (): bool => $this->stageOnTablet($walk) !== null, 'The crossing is not on the tablet.');
        // Away from the page first: an answer that is still under way would bring the session's cookie back.
        $this->web->get('about:blank');
        $this->devTools('Network.clearBrowserCookies');
        $this->network(false);
        $this->open("/app/walks/{$walk}");
        $this->wait('.station-leaf');
        $answered = [$this->answerALook()];
        $this->waitUntil(fn (): bool => count($this->keptOnTablet()) === 1, 'The line is not kept.');
        $this->web->executeScript('performance.clearResourceTimings()');
        $this->network(true);
        $this->waitUntil(fn (): bool => $this->hasPosted(), 'The line is not tried without a session.');
        self::assertCount(1, $this->keptOnTablet(), 'it was tried and is still kept');

        $this->signIn('rafe');
        $this->open("/app/walks/{$walk}");
        $this->wait('.station-leaf');
        $ofRafe = $this->answer(1);
        $this->waitUntil(
            fn (): bool => count($this->standing()) > count($before),
            'The line of the second person is not posted.',
        );
        self::assertEqualsCanonicalizing(
            [...$before, ...$ofRafe],
            $this->standing(),
            'nobody else posts what Ines entered',
        );
        self::assertCount(1, $this->keptOnTablet());

        $this->signIn('ines');
        $this->open("/app/walks/{$walk}");
        $this->waitUntil(
            fn (): bool => $this->keptOnTablet() === [],
            'Her lines are not posted after she signed in again.',
        );
        self::assertSame([], array_diff($answered, $this->standing()));
    }

    public function test_a_walk_of_today_is_opened_walked_and_finished_with_no_network_at_all(): void
    {
        $this->signIn('ines');
        $hire = $this->web->executeAsyncScript(
            "const done = arguments[0]; fetch('/api/day', { headers: { Accept: 'application/json' } })"
                .'.then((answer) => answer.json())'
                .".then((day) => done(day.outs.find((row) => row.fleet_number === 'K-26').hire_id));",
        );
        $this->waitUntil(
            fn (): bool => in_array(['preview', $hire, 'checkout'], $this->pages(), true),
            'The plan is not on the tablet.',
        );
        $this->knownWalk = $this->walkToBe($hire);
        $this->network(false);
        $this->openRow('open-out-K-26');
        $this->wait('.crossing');
        $this->confirmState();
        $this->wait('.station-leaf');
        $this->answer(3);
        $this->waitForText('.walk-who', '4 lines kept here');
        $this->web->navigate()->refresh();
        $this->wait('.station-leaf');
        $this->waitForText('.walk-who', '4 lines kept here');
        $this->tap('decision');
        self::assertSame(
            'hold',
            $this->wait(self::named('known-here'))->getAttribute('data-may'),
            'no release while lines are open',
        );
        $this->lookOnce('decision-without-network');
        $this->web->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn (): bool => ! $this->exists('.leaf'), 'The leaf does not close.');

        $this->walkOn([]);
        $this->toDecision();
        self::assertSame('release', $this->wait(self::named('known-here'))->getAttribute('data-may'));
        $this->hold('release');
        $this->waitForText(self::named('stamp'), 'Release signed');
        $this->tap('onwards');
        $this->waitForText(self::named('key-stays'), 'The key stays here');
        $this->lookOnce('handover-without-network');
        $this->handOverAndSign();
        $kept = count($this->keptOnTablet());
        self::assertGreaterThan(
            count($this->knownWalk['lines']) + 10,
            $kept,
            'lines, states, decision, steps and signature',
        );

        $this->network(true);
        $this->waitUntil(fn (): bool => $this->keptOnTablet() === [], 'Not everything is posted.');
        $this->waitForText(self::named('open-out-K-26'), 'Gone');
        self::assertSame([], $this->refusedHere());
        $this->knownWalk = null;
    }

    /** @return list<mixed> what was read and is kept on the tablet */
    private function pages(): array
    {
        return array_column($this->queriesOnTablet(), 'queryKey');
    }

    /** The machine state of a walk as this tablet has written it down. */
    private function stageOnTablet(string $walk): ?string
    {
        foreach ($this->queriesOnTablet() as $query) {
            if ($query['queryKey'] === ['walk', $walk]) {
                return $query['state']['data']['state']['stage'];
            }
        }

        return null;
    }

    /** @return list<array{queryKey: list<mixed>, state: array<string, mixed>}> */
    private function queriesOnTablet(): array
    {
        return json_decode((string) $this->web->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const asked = indexedDB.open('jade-ledger');
            asked.onsuccess = () => {
              const all = asked.result.transaction('pages').objectStore('pages').getAll();
              all.onsuccess = () => {
                asked.result.close();
                done(JSON.stringify(all.result.flatMap((one) => one.state.state.queries)));
              };
            };
            JS), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * How many entries of the trail answer these lines of this walk.
     *
     * @param list<string> $lines
     */
    private function entriesOf(array $lines): int
    {
        return (int) $this->web->executeAsyncScript(<<<'JS'
            const [lines, done] = arguments;
            const headers = { Accept: 'application/json' };
            const ask = (path) => fetch(path, { headers }).then((answer) => answer.json());
            (async () => {
              const walk = await ask('/api/walks/' + location.pathname.split('/').pop());
              const titles = walk.plan.visits.flatMap((visit) => visit.lines)
                .filter((line) => lines.includes(line.key)).map((line) => line.title);
              const trail = await ask('/api/machines/' + walk.machine.id + '/entries');
              done(trail.entries.filter(({ walk_id, kind, title }) =>
                walk_id === walk.id && kind === 'check.answered' && titles.includes(title)).length);
            })();
            JS, [$lines]);
    }

    private function openWalkOf(string $number, string $login): string
    {
        $this->signIn($login);
        $this->tapOn('a[href$="/fleet"]');
        $this->tap("machine-{$number}");
        $this->tap('next-act');
        $this->wait('.crossing');
        $this->confirmState();
        $this->wait('.station-leaf');

        return (string) $this->web->executeScript("return location.pathname.split('/').pop()");
    }

    /** @return list<string> the lines that were answered by eye, one after the other */
    private function answer(int $count): array
    {
        $answered = [];
        while (count($answered) < $count) {
            $answered[] = $this->answerALook();
        }

        return $answered;
    }

    /** @return list<string> lines that stand in the yard's ledger */
    private function standing(): array
    {
        return array_column(
            array_filter($this->walkInPage()['lines'], static fn (array $line): bool => $line['outcome'] === 'stands'),
            'key',
        );
    }

    /** Whether the page has sent entries since its timings were cleared, whatever came of it. */
    private function hasPosted(): bool
    {
        return (bool) $this->web->executeScript(
            "return performance.getEntriesByType('resource').some((one) => one.name.endsWith('/entries'))",
        );
    }

    /** @return list<mixed> */
    private function keptOnTablet(): array
    {
        return (array) $this->web->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const asked = indexedDB.open('jade-ledger');
            asked.onsuccess = () => {
              const all = asked.result.transaction('kept').objectStore('kept').getAll();
              all.onsuccess = () => { asked.result.close(); done(all.result.map((one) => one.entry.id)); };
            };
            JS);
    }

    /** @return list<string> what the page says that the ledger refused */
    private function refusedHere(): array
    {
        return array_map(
            static fn (RemoteWebElement $one): string => $one->getText(),
            $this->web->findElements(WebDriverBy::cssSelector(self::named('refused-elsewhere').', .not-taken')),
        );
    }

    /** @return list<string> */
    private function shell(): array
    {
        return (array) $this->web->executeAsyncScript(
            'const done = arguments[0]; caches.keys().then(async (names) => done('
                .'(await (await caches.open(names[0])).keys()).map((one) => new URL(one.url).pathname)));',
        );
    }
}
