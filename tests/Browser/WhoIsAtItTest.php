<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Tests\Support\BrowserTestCase;
use Tests\Support\WalkerOverHttp;
use Tests\Support\WalksInTheBrowser;

/** Shared tablets, and people who read another language. */
final class WhoIsAtItTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    public function test_on_a_tablet_that_the_lead_enrolled_a_name_and_a_pin_open_the_day(): void
    {
        $this->signInByTile('juno');
        $this->tap('my-name');
        $this->tap('choose-pin');
        $this->type('password-now', 'tern-kay');
        $this->type('new-pin', '1234');
        $this->tap('keep-pin');
        $this->waitForText(
            '.problem',
            'This is not the password you sign in with. Try again. '
                .'No digit or pair that is repeated, no run such as 1234, no year.',
        );
        $this->assertAccessible();
        $this->typeAnew('password-now', 'tern-quay');
        $this->typeAnew('new-pin', '4417');
        $this->tap('keep-pin');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('new-pin')), 'The PIN is not kept.');
        $this->open('/app');
        $this->signOut();

        $this->signIn('dilys', '/app/people');
        $this->wait('.tablets');
        $this->type('tablet-name', 'Shed tablet');
        $this->tap('enrol');
        $this->waitForText('.tablets', 'this tablet');
        $this->open('/app');
        $this->signOut();

        $this->tap('pin-JP');
        $this->picture('pin');
        $this->assertAccessible();
        $this->type('pin', '4418');
        $this->tap('pin-go');
        $this->waitForText('.pin-said', '4 tries are left');
        // By the keys of the page, as a glove does.
        foreach (['4', '4', '1', '7'] as $digit) {
            $this->tapOn(".pin-keys [aria-label=\"Digit {$digit}\"]");
        }
        $this->tap('pin-go');
        $this->wait('.day');
        self::assertStringContainsString('Juno Pellow', $this->text('[data-testid="my-name"]'));
        self::assertFalse($this->exists('[data-testid="by-password"]'));

        // Left alone, and with no network when they come back.
        $this->open('/app/fleet');
        $this->leaveItAlone();
        $this->wait(self::named('idle-lock'));
        $this->picture('idle-lock');
        $this->assertAccessible();
        $this->web->navigate()->refresh();
        $this->wait(self::named('idle-lock'));
        $this->network(false);
        $this->type('pin', '4418');
        $this->tap('pin-go');
        $this->waitForText('.pin-said', '4 tries are left');
        $this->type('pin', '4417');
        $this->tap('pin-go');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('idle-lock')), 'The tablet stays locked.');
        $this->network(true);
        $this->leaveItAlone();
        $this->tap('somebody-else');
        $this->wait(self::named('pin-JP'));
    }

    /** The clock of the page goes on by six minutes. */
    private function leaveItAlone(): void
    {
        $this->wait('main.page-body');
        $this->waitForRest();
        $this->web->executeScript('const now = Date.now.bind(Date); Date.now = () => now() + 360000;');
    }

    public function test_the_web_workers_know_no_password_of_the_owner_of_the_schema(): void
    {
        $compiled = getenv('STATE').'/cache/config.php';
        self::assertFileExists($compiled);
        self::assertSame(0, fileperms($compiled) & 0007, 'nobody else on the machine reads it');
        self::assertSame('', (require $compiled)['database']['connections']['owner']['password']);
    }

    /** What stands in front of a yard passes the name that people type, and the browser names no port of ours. */
    public function test_a_yard_is_signed_in_to_under_the_name_that_people_type(): void
    {
        $browser = new Client(['base_uri' => getenv('BROWSER_URL'), 'cookies' => true, 'http_errors' => false]);
        $from = ['Host' => 'yard.example', 'Origin' => 'http://yard.example', 'Accept' => 'application/json'];
        $browser->get('/sanctum/csrf-cookie', ['headers' => $from]);
        $cookies = $browser->getConfig('cookies');
        self::assertInstanceOf(CookieJar::class, $cookies);
        $token = $cookies->getCookieByName('XSRF-TOKEN')?->getValue();
        self::assertNotNull($token, 'a session begins');

        $answer = $browser->post('/api/session', [
            'headers' => $from + ['X-XSRF-TOKEN' => urldecode($token)],
            'json' => ['login' => 'juno', 'password' => 'tern-quay'],
        ]);

        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getBody());
        $other = $browser->post('/api/session', [
            'headers' => ['Origin' => 'http://evil.example'] + $from + ['X-XSRF-TOKEN' => urldecode($token)],
            'json' => ['login' => 'juno', 'password' => 'tern-quay'],
        ]);
        self::assertSame(400, $other->getStatusCode(), 'from the page of somebody else');
        self::assertSame(
            '/app',
            $browser->get('/', ['headers' => $from, 'allow_redirects' => false])->getHeaderLine('Location'),
        );
    }

    public function test_somebody_new_signs_in_and_chooses_a_password_of_their_own(): void
    {
        $this->signIn('dilys', '/app/people');
        $this->tap('add');
        $bram = ['name' => 'Bram Ketel', 'initials' => 'BK', 'login' => 'ines', 'password' => 'ebb and slack'];
        foreach ($bram as $field => $text) {
            $this->type("new-{$field}", $text);
        }
        $this->tap('add-person');
        $this->waitForText('.leaf', 'Somebody signs in with this name already');
        $this->assertAccessible();
        $this->typeAnew('new-login', 'bram');
        $this->tap('add-person');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('add-person')), 'Nobody is added.');
        $this->open('/app');
        $this->signOut();

        $this->signInByPassword('bram', 'ebb and slack');
        $this->tap('my-name');
        $this->tap('change-password');
        $this->type('password-now', 'ebb and slack');
        $this->type('password-new', 'password1234');
        $this->tap('keep-password');
        $this->waitForText('.problem', 'one of the passwords that are tried first');
        $this->assertAccessible();
        $this->typeAnew('password-new', 'ebb, slack and spring');
        $this->tap('keep-password');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('password-new')), 'The password is not kept.');
        $this->open('/app');
        $this->signOut();
        $this->signInByPassword('bram', 'ebb, slack and spring');
        $this->signOut();

        $this->signIn('dilys', '/app/people');
        $this->tap('account-BK');
        $this->wait(self::named('see-off'));
        $this->picture('account');
        $this->assertAccessible();
        $this->hold('see-off');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('see-off')), 'Nobody is seen off.');
        $this->waitForText('.people', 'Left the yard');
        $this->open('/app');
        $this->signOut();
        $this->signInByPassword('bram', 'ebb, slack and spring', '.Mui-error');
    }

    public function test_a_lead_sets_up_a_device_and_is_asked_for_its_code(): void
    {
        $this->signIn('dilys', '/app/people');
        $this->tap('add');
        foreach ([
            'name' => 'Iris Vane',
            'initials' => 'IV',
            'login' => 'iris',
            'password' => 'ebb and slack',
        ] as $field => $text) {
            $this->type("new-{$field}", $text);
        }
        $this->tap('new-role');
        $this->tap('new-role-lead');
        $this->tap('add-person');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('add-person')), 'Nobody is added.');
        $this->open('/app');
        $this->signOut();

        $this->signInByPassword('iris', 'ebb and slack');
        $this->tap('my-name');
        $this->tap('second-factor');
        $this->type('second-factor-password', 'ebb and slack');
        $this->tap('propose-device');
        $this->wait(self::named('device-letters'));
        $letters = str_replace(' ', '', $this->text(self::named('device-letters')));
        $this->picture('second-factor');
        $this->assertAccessible();
        $this->type('device-code', '000000');
        $this->tap('confirm-device');
        $this->waitForText('.problem', 'The code does not fit');
        $this->typeAnew('device-code', self::codeOf($letters));
        $this->tap('confirm-device');
        $this->wait(self::named('recovery-codes'));
        $this->picture('recovery-codes');
        $this->assertAccessible();
        $paper = explode("\n", $this->text(self::named('recovery-codes')))[0];
        $this->tap('written-down');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('written-down')), 'The codes stay.');
        $this->open('/app');
        $this->signOut();

        $this->signInByPassword('iris', 'ebb and slack', self::named('sign-in-code'));
        $this->picture('sign-in-code');
        $this->assertAccessible();
        $this->type('sign-in-code', $paper);
        $this->tap('sign-in');
        $this->wait(self::named('my-name'));
        $this->signOut();
    }

    public function test_who_signs_out_without_a_network_is_signed_out_here_at_once_and_at_the_yard_when_it_is_reached(): void
    {
        $this->signIn('rafe');
        $this->network(false);
        $this->tap('my-name');
        $this->tap('sign-out');
        $this->waitUntil(fn (): bool => ! $this->exists('.day'), 'The day of the one before is still there.');
        $this->web->executeScript('location.reload()');
        $this->waitUntil(fn (): bool => $this->exists('.sign-in, .notice'), 'Nothing comes back.');
        self::assertFalse($this->exists('.day'));

        $this->network(true);
        $this->open('/app');
        $this->wait('.sign-in');
        $who = $this->web->executeAsyncScript(
            "const done = arguments[0]; fetch('/api/session').then((r) => r.json()).then((s) => done(s.user));",
        );
        self::assertNull($who, 'the session has ended at the yard, too');
    }

    public function test_a_machine_is_put_in_another_bay_from_its_page(): void
    {
        $this->signIn('ines', '/app/fleet');
        $this->tap('machine-E-16');
        $this->tap('move-machine');
        $this->wait(self::named('bay'));
        $this->tap('bay-bay 2');
        $this->picture('move');
        $this->assertAccessible();
        $this->tap('move');
        $this->waitForText('.machine-where', 'bay 2');
        $this->tap('other-leaf');
        $this->waitForText('.trail', 'quay → bay 2');
        $this->picture('machine-moved');
    }

    public function test_another_hour_meter_is_told_with_what_the_old_one_showed(): void
    {
        $this->signIn('ines', '/app/fleet');
        $this->tap('machine-D-18');
        $this->tap('read-meter');
        $this->tap('replace-meter');
        $this->type('meter-removed', '3,0');
        $this->type('meter-began', '0');
        $this->type('meter-reason', 'The display was dead.');
        self::assertFalse($this->wait(self::named('meter-post'))->isEnabled(), 'not without a photo');
        $this->web->findElement(WebDriverBy::cssSelector(self::named('photo')))->sendKeys(self::photo());
        $this->wait('.photo-field img');
        $this->tap('meter-post');
        $this->waitForText('.problem', 'The old meter cannot have shown that');
        $this->picture('meter');
        $this->assertAccessible();
        $this->tap('meter-unreadable');
        $this->tap('meter-post');
        $this->waitForText(self::named('meter-of-machine'), '0.0');
        $this->picture('meter-replaced');
        $this->tap('other-leaf');
        $this->waitForText('.trail', 'Hour meter replaced');
    }

    public function test_damage_that_is_seen_in_the_yard_is_put_on_the_plan_without_a_walk(): void
    {
        $this->signIn('juno', '/app/fleet');
        $this->tap('machine-W-16');
        $this->waitForText('.machine', 'No open damage');
        $this->tap('report-damage');
        self::assertFalse($this->wait(self::named('place-finding'))->isEnabled(), 'not before it is said what it is');
        $this->tap('choice-dent');
        self::assertFalse($this->wait(self::named('place-finding'))->isEnabled(), 'nor before it is said where');
        $this->tap('place-on-plan');
        $this->type('finding-words', 'Reversed into by the sweeper.');
        $this->waitForText('.leaf', 'Note');
        $this->picture('damage-found');
        $this->assertAccessible();
        $this->tap('place-finding');
        $this->waitForText('.damage-line', 'Open');
        $this->tapOn('.damage-line button');
        $this->waitForText('.damage-line', 'Reversed into by the sweeper.');
        $this->picture('damage-on-machine');
        $this->tap('other-leaf');
        $this->waitForText('.trail', 'Damage found in the yard');
    }

    public function test_a_tablet_that_was_given_out_opens_nothing_but_the_handover_until_the_pin_is_entered(): void
    {
        $dilys = new WalkerOverHttp('dilys');
        $this->signIn('dilys');
        // Of tomorrow: no other story takes it.
        $this->tapOn('a[href$="/fleet"]');
        $this->tap('machine-M-31');
        $this->tap('next-act');
        $this->wait('.crossing');
        $walk = (string) $this->web->executeScript("return location.pathname.split('/').pop()");
        $dilys->answer($walk);
        $dilys->release($walk);

        $this->openAnew("/app/walks/{$walk}/handover");
        $this->giveTheTabletOut();
        foreach (['/app', "/app/walks/{$walk}", '/app/people'] as $elsewhere) {
            $this->open($elsewhere);
            $this->wait('.handover');
            self::assertSame("/app/walks/{$walk}/handover", $this->web->executeScript('return location.pathname'));
        }
        $this->tap('hand-back');
        foreach ([4, 3, 2] as $left) {
            $this->enterPin('9999');
            $this->waitForText('.pin-said', "{$left} tries left");
        }
        $this->picture('handover-back');
        $this->assertAccessible();
        $this->enterPin('7304');
        $this->wait('.day');

        $this->openAnew("/app/walks/{$walk}/handover");
        $this->giveTheTabletOut();
        $this->tap('hand-back');
        for ($try = 0; $try < 5; $try++) {
            $this->enterPin('9999');
            $this->waitUntil(
                fn (): bool => $this->exists(self::named('locked-out')) ||
                    str_contains($this->text('.pin-said'), 'left'),
                'A wrong PIN is not told.',
            );
        }
        $this->tap('sign-in-again');
        $this->wait('.sign-in');
    }

    public function test_a_walk_is_not_taken_over_without_a_reason(): void
    {
        $this->signIn('moss');
        $this->openRow('open-out-E-14');
        $this->wait(self::named('take-over'));
        $this->tap('take-over');
        $this->waitForText('.leaf', 'Why do you take this walk from Ines Okafor?');
        $this->assertAccessible();
        self::assertFalse($this->wait(self::named('post-own'))->isEnabled(), 'not without a reason');
    }

    public function test_a_page_is_spanish_for_who_reads_spanish_and_stays_so(): void
    {
        $this->signIn('moss');
        $this->tap('my-name');
        $this->tap('language-es');
        $this->waitForText('.leaf', 'Idioma');
        $this->picture('spanish-choices');
        $this->open('/app');
        $this->waitForText('.day', 'Empezar a');
        self::assertSame('es', $this->web->executeScript('return document.documentElement.lang'));
        $this->openRow('open-out-E-14');
        $this->wait('.station-leaf');
        $this->waitForText('.station-leaf', 'Traducción que el patio debe comprobar');
        $this->picture('spanish-walk');
        $this->assertAccessible();
        $outside = $this->web->executeScript(
            'return [...document.querySelectorAll(".act-word, .strip span, .head h1")].filter((words) => '
                .'words.scrollWidth > words.clientWidth + 1 && getComputedStyle(words).textOverflow !== "ellipsis")'
                .'.map((words) => words.textContent)',
        );
        self::assertSame([], $outside, 'Spanish is longer, and fits');

        $this->open('/app');
        $this->wait('.day');
        $this->tap('my-name');
        $this->tap('language-en');
        $this->waitForText('.leaf', 'Language');
        $this->assertConsoleIsClean();
    }

    public function test_a_page_at_twice_its_size_keeps_everything_in_reach(): void
    {
        $this->signIn('ines');
        // Twice the size on this screen is half of it in CSS pixels.
        $this->resize(640, 400, 2);
        foreach (['/app', '/app/fleet', '/app/people', '/app/catalogue'] as $path) {
            $this->open($path);
            $this->wait('.page-body');
            $this->picture('double'.str_replace('/', '-', $path));
            self::assertLessThanOrEqual(
                641,
                $this->web->executeScript('return document.documentElement.scrollWidth'),
                "{$path} has to be moved sideways",
            );
        }
    }

    private function signInByPassword(string $login, string $password, string $then = '[data-testid="my-name"]'): void
    {
        $this->wait('.sign-in');
        $this->type('login', $login);
        $this->type('password', $password);
        $this->tap('sign-in');
        $this->wait($then);
    }
}
