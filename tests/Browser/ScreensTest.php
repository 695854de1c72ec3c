<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** Every main screen as the demo yard shows it: quiet console, no serious barrier, in both colour sets. */
final class ScreensTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    /** @return iterable<string, array{string, string, list<string>, string}> who, from where, what is touched, what is then on the screen */
    public static function screens(): iterable
    {
        yield 'day' => ['ines', '/app', [], '.day'];
        yield 'fleet' => ['dilys', '/app/fleet', [], '.fleet-list'];
        yield 'catalogue' => ['edda', '/app/catalogue', [], '.catalogue-families'];
        yield 'model' => ['edda', '/app/catalogue', ['[data-testid="model-ardlow_38x"]'], '.checks'];
        yield 'house-rules' => ['edda', '/app/catalogue/house-rules', [], '.house-rules'];
        yield 'model-sheet' => [
            'dilys',
            '/app/catalogue/models/new',
            ['[data-testid="sheet-family"]', '[data-testid="family-dozer"]', '[data-testid="feature-isolator"]'],
            '.sheet-limits fieldset',
        ];
        yield 'model-table' => [
            'dilys',
            '/app/catalogue',
            ['[data-testid="open-import"]'],
            '[data-testid="import-each_row"]',
        ];
        yield 'machine' => [
            'dilys', '/app/fleet', ['[data-testid="machine-E-11"]'],
            '.machine:has(.machine-folios tbody tr) [data-testid="service-points"]:enabled',
        ];
        $trail = ['[data-testid="machine-E-11"]', '[data-testid="other-leaf"]'];
        yield 'trail' => ['dilys', '/app/fleet', $trail, '[data-testid="trail-entry"]'];
        $meter = ['[data-testid="machine-E-14"]', '[data-testid="leaf-meter"]'];
        yield 'meter' => ['moss', '/app/fleet', $meter, '[data-testid="meter-plot"] path'];
        yield 'service' => ['ines', '/app/service', [], '[data-testid="clash"]'];
        $point = ['[data-testid="horizon-E-16"] a', '[data-testid="point-svc-track-bolts"]'];
        yield 'telematics' => ['dilys', '/app/telematics', [], '.telematics'];
        yield 'service-point' => ['ines', '/app/service', $point, '[data-testid="service-done"]'];
        $programme = ['[data-testid="model-dromvik_14c"]', '[data-testid="model-service"]'];
        yield 'programme' => ['dilys', '/app/catalogue', $programme, '[data-testid="change-svc-oil"]'];
        yield 'spread-open' => ['dilys', '/app', ['[data-testid="open-in-E-11"]'], '.spread'];
        yield 'people' => ['dilys', '/app/people', [], '.tablets-enrol'];
        yield 'add-person' => ['dilys', '/app/people', ['[data-testid="add"]'], '[data-testid="new-login"]'];
        yield 'audit' => ['edda', '/app/audit', [], '[data-testid="audit-entry"]'];
        yield 'my-choices' => ['juno', '/app', ['[data-testid="my-name"]'], '[data-testid="language-es"]'];
        yield 'choose-pin' => [
            'juno',
            '/app',
            ['[data-testid="my-name"]', '[data-testid="choose-pin"]'],
            '[data-testid="new-pin"]',
        ];
        yield 'tagged-out' => ['dilys', '/app', ['[data-testid="open-in-E-05"]'], '[data-testid="stamp"]'];
    }

    /** @param  list<string>  $touched */
    #[DataProvider('screens')]
    public function test_a_screen_is_quiet_and_without_barriers_by_day_and_by_night(
        string $login,
        string $path,
        array $touched,
        string $shows,
    ): void {
        $this->signIn($login, $path);
        foreach ($touched as $selector) {
            $this->tapOn($selector);
        }
        $this->wait($shows);
        $this->picture((string) $this->dataName());
        $this->assertAccessible();
        $this->web->executeScript('document.documentElement.dataset.set = "night"');
        $this->assertContrast();
        $this->picture($this->dataName().'-night');
        $this->assertConsoleIsClean();
    }

    public function test_the_sign_in_page_says_what_is_wrong_and_keeps_what_was_typed(): void
    {
        $this->open('/app');
        $this->wait(self::named('sign-in'));
        $this->picture('sign-in');
        $this->assertAccessible();
        $this->type('login', 'ines');
        $this->type('password', 'tern-key');
        $this->tap('sign-in');
        $this->waitForText('form', 'do not belong together');
        self::assertSame('ines', $this->wait(self::named('login'))->getAttribute('value'));
    }

    public function test_an_auditor_reads_a_walk_and_has_nothing_to_press(): void
    {
        $this->signIn('edda');
        $this->openRow('open-out-E-14');
        $this->wait(self::named('station'));

        self::assertSame(
            [],
            $this->web->findElements(
                WebDriverBy::cssSelector('.station-leaf .hold, .station-act, [data-testid^="amiss-"]'),
            ),
        );
    }

    public function test_a_second_technician_walks_along_says_the_rest_of_a_station_and_finds_the_keys(): void
    {
        $this->signIn('moss');
        $this->openRow('open-out-E-14');
        $this->tap('join-walk');
        $this->waitForText('.share', 'Shared with Ines Okafor');
        self::assertStringContainsString('MA', $this->text('.strip'));
        $this->web->getKeyboard()->sendKeys('?');
        $this->waitForText('.keys', 'it cannot be told');
        $this->web->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn (): bool => ! $this->exists('.keys'), 'the page of keys does not close');
        $this->tap('cell-9');
        $this->wait(self::named('others-stand'));
        $before = $this->linesLeft();
        $count = count($this->web->findElements(WebDriverBy::cssSelector('.station-others [data-testid^="amiss-"]')));
        self::assertGreaterThan(1, $count);
        $this->picture('station');
        $this->assertAccessible();
        $this->hold('others-stand');
        $this->waitUntil(
            fn (): bool => $this->linesLeft() === $before - $count,
            "not {$count} lines fewer than {$before}",
        );
        $this->tap('leave-walk');
        $this->wait(self::named('join-walk'));
        $this->assertConsoleIsClean();
    }

    public function test_large_text_is_kept_on_the_tablet_and_nothing_is_pressed_out_of_reach(): void
    {
        $this->signIn('rafe');
        $this->tap('my-name');
        $this->tap('tablet-text-large');
        $this->open('/app');
        $this->openRow('open-out-E-14');
        $this->wait(self::named('station'));
        $this->picture('walk-large');
        self::assertSame('large', $this->web->executeScript('return document.documentElement.dataset.text'));
        // Each is brought into sight as a finger would, and is then what a finger meets there.
        $outside = $this->web->executeScript(<<<'JS'
            const acts = document.querySelectorAll('.station-foot button, .station-act, .station-not, .head button');
            return [...acts].filter((act) => {
              act.scrollIntoView({ block: 'nearest' });
              const box = act.getBoundingClientRect();
              const met = document.elementFromPoint((box.left + box.right) / 2, (box.top + box.bottom) / 2);
              return box.right > innerWidth + 1 || box.bottom > innerHeight + 1 || box.left < 0 || box.top < 0
                || !act.contains(met);
            }).map((act) => act.textContent);
            JS);
        $acts = $this->web->findElements(WebDriverBy::cssSelector('.station-not, .station-act, .head button'));
        self::assertGreaterThan(3, count($acts));
        self::assertSame([], $outside);
        $this->assertAccessible();
    }

    public function test_the_lead_writes_a_model_down_is_asked_for_what_is_missing_and_finds_it_in_the_catalogue(): void
    {
        $this->signIn('dilys', '/app/catalogue/models/new');
        $this->tap('sheet-family');
        $this->tap('family-mast_lift');
        foreach (
            [
                'maker' => 'Kelderhay',
                'name' => 'M7',
                'describes' => '7 m mast lift',
                'mass_kg' => '980',
                'source' => "maker's manual, M7",
            ] as $field => $words
        ) {
            $this->type("sheet-{$field}", $words);
        }
        $this->wait('[data-testid="limit-keys.expected"]');
        $this->hold('keep-model');
        $this->waitForText('.sheet-limits', 'Still asked for');
        foreach ($this->web->findElements(WebDriverBy::cssSelector('[data-testid^="limit-"]')) as $input) {
            $name = (string) $input->getAttribute('data-testid');
            $input->sendKeys(match (true) {
                str_ends_with($name, '.decimals') => '1',
                str_ends_with($name, '.pieces') => 'pieces',
                str_ends_with($name, 'acid.least') => '1.225',
                str_ends_with($name, 'acid.cells') => '6',
                str_ends_with($name, 'plate_deg') => '3',
                str_contains($name, '.most') => '9',
                default => '5',
            });
        }
        // A reload in the middle loses nothing of it.
        $this->open('/app/catalogue/models/new');
        $this->wait('[data-testid="limit-keys.expected"]');
        self::assertSame('Kelderhay', $this->wait(self::named('sheet-maker'))->getAttribute('value'));
        $this->hold('keep-model');
        $this->waitForText('h1', 'Kelderhay M7');
        $this->waitForText('.model-has', 'Written down by Dilys Marchetti');
    }

    public function test_a_table_of_models_is_reported_row_by_row(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'models').'.csv';
        file_put_contents(
            $file,
            "family,maker,name,describes,mass_kg,features,source\nflying_carpet,Kelderhay,C1,carpet,20,,manual\n",
        );
        $this->signIn('dilys', '/app/catalogue');
        $this->tap('open-import');
        $this->web->findElement(WebDriverBy::cssSelector(self::named('import-file')))->sendKeys($file);
        $this->tap('import-each_row');
        $this->hold('import-models');
        $this->waitForText(self::named('import-report'), 'There is no family "flying_carpet"');
        $this->waitForText(self::named('import-report'), 'Row 2');
        $this->assertAccessible();
        unlink($file);
    }

    public function test_the_lead_follows_another_school_and_the_old_one_stays_legible(): void
    {
        $this->signIn('dilys', '/app/catalogue/house-rules');
        $this->tap('school-lanyard-booms_only');
        $this->type('rule-reason', 'The site on the quay assesses masts one by one.');
        $this->hold('choose-rule');
        $this->waitForText(self::named('changes-lanyard'), 'Dilys Marchetti');
        $this->tap('school-lanyard-always');
        $this->type('rule-reason', 'Back to the careful one.');
        $this->hold('choose-rule');
        $this->waitForText(self::named('changes-lanyard').' s', 'Always on booms');
    }

    public function test_somebody_signs_out(): void
    {
        $this->signIn('juno');
        $this->tap('my-name');
        $this->tap('sign-out');
        $this->wait(self::named('sign-in'));
        $this->web->navigate()->refresh();
        $this->wait(self::named('sign-in'));
    }
}
