<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserTestCase;
use Tests\Support\WalkerOverHttp;

/** The tablet was dead: the counter types the paper of a colleague with the keys, and the lead holds it beside. */
final class SheetStoryTest extends BrowserTestCase
{
    private const TYPED = 8;

    public function test_a_sheet_is_typed_for_a_colleague_and_counts_when_the_lead_has_seen_it(): void
    {
        $ines = new WalkerOverHttp('ines');
        $walk = $ines->open($ines->hireOf('G-02'), 'checkout');
        $open = $ines->walk($walk)['state']['progress']['lines_left'];

        $this->signIn('juno', '/app/fleet');
        $this->tap('machine-G-02');
        $this->press($this->wait('[data-testid^="enter-sheet-"]'));
        $this->waitForText('h1', 'Filled sheet of G-02');
        $this->assertAccessible();
        $this->type('walked-by', 'Ines');
        $this->tapOn('[role="option"]');
        $this->press($this->wait('[data-testid^="all-ticked-"]'));
        $this->typeLooks(self::TYPED - 1);
        $this->web->getKeyboard()->sendKeys('n');
        $this->type($this->wordsField(), 'Bent at the second rung');
        $this->waitForText('.filled-foot', self::TYPED." of {$open} lines typed");

        // The page is closed by mistake: what was typed is still there.
        $this->openAnew((string) parse_url($this->web->getCurrentURL(), PHP_URL_PATH));
        $this->waitForText('.filled-foot', self::TYPED." of {$open} lines typed");
        $this->picture('sheet');
        $this->tap('enter-sheet');
        $this->waitForText(self::named('entered'), 'wait until the lead has looked');
        self::assertSame($open, $ines->walk($walk)['state']['progress']['lines_left']);

        $this->signIn('dilys', '/app/doubts');
        $this->waitForText('main', 'G-02');
        $this->type('doubt-reason', 'The signed sheet lies before me');
        $this->hold('take-doubtful');
        $this->waitUntil(
            static fn (): bool => $ines->walk($walk)['state']['progress']['lines_left'] < $open,
            'What the lead took does not count.',
        );
        $this->assertConsoleIsClean();
    }

    /** From the first looks that follow one another, each with one key. */
    private function typeLooks(int $count): void
    {
        $this->web->executeScript('const rows = [...document.querySelectorAll(".filled-row")];'
            .'const isLook = (row) => row?.querySelector("button")?.textContent === "Stands";'
            .'rows.find((_, at) => rows.slice(at, at + '.self::TYPED.').every(isLook))'
            .'.querySelector("button").focus()');
        for ($at = 0; $at < $count; $at++) {
            $this->web->getKeyboard()->sendKeys('s');
        }
    }

    private function wordsField(): string
    {
        return (string) $this->wait('[data-testid^="words-"]')->getAttribute('data-testid');
    }
}
