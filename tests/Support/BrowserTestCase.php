<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The real interface in a real Chromium, on the demo yard that bin/test serves.
 *
 * One browser for the tests of a class, emptied between them; every page that it sees has to keep the console clean.
 */
abstract class BrowserTestCase extends TestCase
{
    /** Seconds that anything may take to appear; far more than it does. */
    private const PATIENCE = 15;

    /** Says whether the next click reached the document: a guarded one does not. */
    private const LISTEN = <<<'JS'
        const listen = () => {
          window.touch = new Promise((done) => window.addEventListener('click', () => {
            let isTaken = false;
            document.addEventListener('click', () => { isTaken = true; }, { once: true });
            setTimeout(() => done(isTaken));
          }, { capture: true, once: true }));
        };

        JS;

    private static ?Process $driver = null;

    private static int $port = 0;

    private static ?RemoteWebDriver $open = null;

    private static string $profile = '';

    protected RemoteWebDriver $web;

    private string $lastPressed = '';

    private float $lastPressedAt = 0.0;

    /** @return array{int, int} width and height in CSS pixels */
    protected static function screen(): array
    {
        return [1280, 800];
    }

    /** Whether the screen is a tablet's: fingers instead of a mouse. */
    protected static function isTouched(): bool
    {
        return false;
    }

    public static function setUpBeforeClass(): void
    {
        if (self::$driver !== null) {
            return;
        }
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        self::$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        self::$driver = new Process(
            ['setpriv', '--pdeathsig', 'TERM', 'chromedriver', '--port='.self::$port, '--allowed-ips=127.0.0.1'],
            env: ['HOME' => sys_get_temp_dir()],
        );
        self::$driver->start();
        register_shutdown_function(static fn () => self::$driver?->stop(3));
        self::$driver->waitUntil(
            static fn (string $type, string $output): bool => str_contains($output, 'started successfully'),
        );
    }

    protected function setUp(): void
    {
        if (self::$open === null) {
            self::$open = self::startBrowser();
        }
        $this->web = self::$open;
        [$width, $height] = static::screen();
        if (! static::isTouched()) {
            // The new headless mode takes the window's frame off the size that was asked for.
            $this->devTools(
                'Emulation.setDeviceMetricsOverride',
                ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
            );
        }
    }

    protected function tearDown(): void
    {
        if (! isset($this->web)) {
            return;
        }
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $this->web->takeScreenshot(self::pictures().'/failed-'.$this->name().'.png');
            // Whatever state a story that failed leaves the browser in is not the next one's trouble.
            self::closeBrowser();

            return;
        }
        $this->forgetEverything();
    }

    public static function tearDownAfterClass(): void
    {
        self::closeBrowser();
    }

    /**
     * A tablet that somebody else takes up: no session, nothing that was entered, the network there. The program itself
     * stays on it, as it does in a yard; each class begins with a browser on its first day.
     */
    private function forgetEverything(): void
    {
        $this->network(true);
        $this->web->get('about:blank');
        $this->web->manage()->getLog('browser');
        $this->devTools('Storage.clearDataForOrigin', [
            'origin' => (string) getenv('BROWSER_URL'),
            'storageTypes' => 'cookies,file_systems,indexeddb,local_storage',
        ]);
        $this->devTools('Network.clearBrowserCookies');
    }

    /** @return list<string> what the browser of a story is started with beside the usual */
    protected static function arguments(): array
    {
        return [];
    }

    private static function startBrowser(): RemoteWebDriver
    {
        [$width, $height] = static::screen();
        self::$profile = sys_get_temp_dir().'/jade-browser-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-dev-shm-usage',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-default-apps',
            '--no-proxy-server',
            '--force-device-scale-factor=1',
            '--force-prefers-reduced-motion',
            '--lang=en-GB',
            "--window-size={$width},{$height}",
            '--user-data-dir='.self::$profile,
            ...static::arguments(),
        ]);
        if (static::isTouched()) {
            $options->setExperimentalOption('mobileEmulation', [
                'deviceMetrics' => [
                    'width' => $width,
                    'height' => $height,
                    'pixelRatio' => 1,
                    'touch' => true,
                    'mobile' => true,
                ],
            ]);
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        $web = RemoteWebDriver::create('http://127.0.0.1:'.self::$port, $capabilities, 20_000, 60_000);
        $web->manage()->timeouts()->setScriptTimeout(self::PATIENCE + 20);

        return $web;
    }

    private static function closeBrowser(): void
    {
        self::$open?->quit();
        self::$open = null;
        if (self::$profile !== '') {
            (new Process(['rm', '-rf', self::$profile]))->run();
            self::$profile = '';
        }
    }

    /** Somebody of the demo, by the tile on the sign-in page. */
    protected function signInByTile(string $login): void
    {
        $this->open('/app');
        $this->tap("demo-{$login}");
        $this->wait('.day');
    }

    /**
     * Somebody of the demo by a session that was opened beside the page: how they came in is not what the story is
     * about.
     */
    protected function signIn(string $login, string $path = '/app'): void
    {
        // Away from the page and its worker first: an answer that is still under way would bring the session before
        // back.
        $this->web->get('about:blank');
        $this->devTools('ServiceWorker.enable');
        $this->devTools('ServiceWorker.stopAllWorkers');
        $this->devTools('Network.clearBrowserCookies');
        foreach ((new Tablet((string) getenv('BROWSER_URL')))->cookiesOf($login, 'tern-quay') as $cookie) {
            $this->devTools(
                'Network.setCookie',
                ['url' => (string) getenv('BROWSER_URL'), 'httpOnly' => $cookie['name'] !== 'XSRF-TOKEN'] + $cookie,
            );
        }
        $this->open($path);
        if ($path === '/app') {
            $this->wait('.day');
        }
        $name = $this->web->executeAsyncScript(
            "const done = arguments[0]; fetch('/api/session', { headers: { Accept: 'application/json' } })"
                .".then((answer) => answer.json()).then((session) => done(session.user?.name ?? ''), done);",
        );
        self::assertStringStartsWith(ucfirst($login), (string) $name, 'Somebody else is signed in.');
    }

    /** Until the yard has ended the session: what signs in before that would be signed out with it. */
    protected function signOut(): void
    {
        $this->tap('my-name');
        $this->tap('sign-out');
        $this->waitUntil(
            fn (): bool => $this->web->executeScript('return localStorage.getItem("jade.sign-out.pending")') === null,
            'The yard does not end the session.',
        );
        $this->wait('.sign-in');
    }

    protected static function photo(): string
    {
        $path = sys_get_temp_dir().'/jade-dent.jpg';
        $image = imagecreatetruecolor(640, 480);
        imagefilledrectangle($image, 0, 0, 640, 480, (int) imagecolorallocate($image, 196, 160, 60));
        imagefilledellipse($image, 320, 240, 210, 130, (int) imagecolorallocate($image, 120, 92, 40));
        imagejpeg($image, $path);

        return $path;
    }

    protected function open(string $path): void
    {
        $this->web->get(((string) getenv('BROWSER_URL')).$path);
    }

    /** As a tablet that has not read the page before: what was posted beside it is there from the first drawing on. */
    protected function openAnew(string $path): void
    {
        $this->web->get('about:blank');
        $this->devTools(
            'Storage.clearDataForOrigin',
            ['origin' => (string) getenv('BROWSER_URL'), 'storageTypes' => 'indexeddb'],
        );
        $this->open($path);
    }

    /** Waits within the page, in one step: asking again and again from outside costs more than what is waited for. */
    protected function wait(string $selector): RemoteWebElement
    {
        $this->addToAssertionCount(1);

        return $this->waitFor($selector, 'visible') ?? self::fail("Nothing to see of {$selector}.");
    }

    /**
     * Pressable: enabled, and the page has stood still for long enough to answer. Touched: pressable, and the page
     * listens for the click that comes.
     *
     * @param 'visible'|'pressable'|'touched' $how
     */
    private function waitFor(string $selector, string $how): ?RemoteWebElement
    {
        $element = $this->web->executeAsyncScript(self::LISTEN.<<<'JS'
            const [selector, how, patience, done] = arguments;
            const until = performance.now() + patience;
            // A list that is still being fetched moves under the finger: a hand waits for the names it typed.
            const rests = () => document.documentElement.dataset.settling === undefined
              && document.querySelector('[role="listbox"][aria-busy="true"]') === null;
            const seen = (one) => one.getClientRects().length > 0 && getComputedStyle(one).visibility !== 'hidden';
            const look = () => {
              const element = document.querySelector(selector);
              if (element !== null && how !== 'visible') {
                element.scrollIntoView({ block: 'nearest' });
              }
              const isThere = element !== null && seen(element);
              if (isThere && (how === 'visible' || (!element.disabled && rests()))) {
                if (how === 'touched') {
                  listen();
                }
                return done(element);
              }
              return performance.now() > until ? done(null) : setTimeout(look, 30);
            };
            look();
            JS, [$selector, $how, self::PATIENCE * 1000]);

        return is_array($element)
            ? new RemoteWebElement(
                new RemoteExecuteMethod($this->web),
                (string) JsonWireCompat::getElement($element),
                true,
            )
            : null;
    }

    protected static function named(string $testId): string
    {
        return "[data-testid=\"{$testId}\"]";
    }

    protected function tap(string $testId): void
    {
        $this->tapOn(self::named($testId));
    }

    /**
     * Opens a row of the day; where its walk is not open yet, it is asked first. A run that goes on past midnight finds
     * the row under what days before have left.
     */
    protected function openRow(string $testId): void
    {
        $this->wait(self::named($testId).', '.self::named('before-today'));
        if ($this->exists(self::named($testId))) {
            $this->tap($testId);
        } else {
            $left = (string) preg_replace('/^open-(out|in)-/', 'settle-', $testId);
            if (! $this->exists(self::named($left))) {
                $this->tap('before-today-fold');
            }
            $this->tap($left);
        }
        $this->wait('.walk, .handover, '.self::named('open-walk'));
        if ($this->exists(self::named('open-walk'))) {
            $this->tap('open-walk');
        }
    }

    protected function tapOn(string $selector): void
    {
        // Before it is looked for: what is found first may be gone when the wait is over.
        if ($selector === $this->lastPressed) {
            $this->waitOutABounce();
        }
        $element = $this->waitFor($selector, 'touched') ?? self::fail("{$selector} cannot be pressed.");
        $this->click($element, $selector);
    }

    /** As a hand does that looks first: the page has come to rest, and the same thing is not pressed twice at once. */
    protected function press(RemoteWebElement $element, string $name = ''): void
    {
        $this->waitForRest();
        $this->listen();
        $this->click($element, $name);
    }

    private function listen(): void
    {
        $this->web->executeScript(self::LISTEN.'listen();');
    }

    /** A click that the page listens for. */
    private function click(RemoteWebElement $element, string $name): void
    {
        // Whoever touches a page just as it changes sees that nothing happened, and touches again.
        for ($touch = 0; $touch < 3; $touch++) {
            $element->click();
            // A tap becomes a click a moment after the finger has left, on a busy machine a long one; a guarded one
            // never reaches the document, and where the press has left the page nobody is there to say.
            $isTaken = $this->web->executeAsyncScript('Promise.resolve(window.touch ?? true).then(arguments[0]);');
            if ($isTaken) {
                [$this->lastPressed, $this->lastPressedAt] = [$name, microtime(true)];

                return;
            }
            $this->waitForRest();
            $this->waitOutABounce();
            $this->listen();
        }
        self::fail("Three touches on {$name} were not taken.");
    }

    /** Nothing answers at the place of a press for a moment after it, whatever has come to stand there. */
    private function waitOutABounce(): void
    {
        usleep(max(0, 420_000 - (int) ((microtime(true) - $this->lastPressedAt) * 1_000_000)));
    }

    /** Nothing answers for a moment after the page changed: see web/src/app/touchGuard.ts. */
    protected function waitForRest(): void
    {
        $this->addToAssertionCount(1);
        $rests = $this->web->executeAsyncScript(<<<'JS'
            const [patience, done] = arguments;
            const until = performance.now() + patience;
            const look = () => {
              if (document.documentElement.dataset.settling === undefined) {
                return done(true);
              }
              return performance.now() > until ? done(false) : setTimeout(look, 30);
            };
            look();
            JS, [self::PATIENCE * 1000]);
        self::assertTrue($rests, 'The page does not come to rest.');
    }

    /** Presses and holds until the frame is full. */
    protected function hold(string $testId): void
    {
        $element = $this->waitFor(self::named($testId), 'pressable') ?? self::fail("{$testId} cannot be held.");
        $actions = new WebDriverActions($this->web);
        $actions->clickAndHold($element)->perform();
        usleep(1_100_000);
        (new WebDriverActions($this->web))->release()->perform();
    }

    /**
     * Draws a finger over the screen as a hand does: it rests before it lifts, or it would be a fling.
     *
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    protected function drag(array $from, array $to): void
    {
        foreach ([[$from, 'touchStart'], [$to, 'touchMove'], [$to, 'touchMove'], [null, 'touchEnd']] as [$at, $type]) {
            $this->devTools('Input.dispatchTouchEvent', [
                'type' => $type,
                'touchPoints' => $at === null ? [] : [['x' => $at[0], 'y' => $at[1]]],
            ]);
            usleep(300_000);
        }
    }

    protected function type(string $testId, string $text): void
    {
        (
            $this->waitFor(self::named($testId), 'pressable')
            ?? self::fail("Nothing can be typed into {$testId}.")
        )->sendKeys($text);
    }

    /** In place of what stands there. */
    protected function typeAnew(string $testId, string $text): void
    {
        $this->wait(self::named($testId))->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $this->type($testId, $text);
    }

    /** What a device shows for these letters: RFC 6238, by hand. */
    protected static function codeOf(string $letters): string
    {
        $bits = implode('', array_map(
            static fn (string $letter): string => sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)),
            str_split($letters),
        ));
        $secret = pack('C*', ...array_map(bindec(...), str_split($bits, 8)));
        $mac = hash_hmac('sha1', pack('J', intdiv(time(), 30)), $secret);

        return sprintf('%06d', (hexdec(substr($mac, 2 * (int) hexdec($mac[39]), 8)) & 0x7FFFFFFF) % 1_000_000);
    }

    protected function exists(string $selector): bool
    {
        return $this->web->findElements(WebDriverBy::cssSelector($selector)) !== [];
    }

    /** What stands there now; asked in one step, since the page may draw itself anew between two. */
    protected function text(string $selector): string
    {
        return (string) $this->web->executeScript('return document.querySelector(arguments[0])?.innerText ?? ""', [
            $selector,
        ]);
    }

    protected function waitForText(string $selector, string $text): void
    {
        try {
            $this->waitUntil(fn (): bool => str_contains($this->text($selector), $text), '');
        } catch (TimeoutException) {
            $said = $this->exists($selector) ? "but \"{$this->text($selector)}\"" : 'it is not there';
            self::fail("{$selector} does not say \"{$text}\", {$said}. The page says:\n{$this->text('body')}");
        }
    }

    protected function waitUntil(callable $isSo, string $otherwise): void
    {
        $this->web->wait(self::PATIENCE, 50)->until(static fn (): bool => (bool) $isSo(), $otherwise);
        $this->addToAssertionCount(1);
    }

    /**
     * @param array<string, mixed> $parameters
     * @return array<string, mixed>
     */
    protected function devTools(string $command, array $parameters = []): array
    {
        return (new ChromeDevToolsDriver($this->web))->execute($command, $parameters) ?? [];
    }

    /** Another size of the screen, in CSS pixels; the page has been laid out for it when this returns. */
    protected function resize(int $width, int $height, float $density = 1): void
    {
        $this->devTools(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => $density, 'mobile' => false],
        );
        // A press is aimed at where things stand: what moved since would be missed, or its neighbour hit.
        $this->web->executeAsyncScript(<<<'JS'
            const [width, done] = arguments;
            const look = () => (window.innerWidth === width ? requestAnimationFrame(() => requestAnimationFrame(done)) : requestAnimationFrame(look));
            look();
            JS, [$width]);
    }

    protected function network(bool $isThere): void
    {
        $this->devTools('Network.enable');
        $this->devTools('Network.emulateNetworkConditions', [
            'offline' => ! $isThere,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    protected function assertConsoleIsClean(): void
    {
        $errors = array_filter(
            $this->web->manage()->getLog('browser'),
            static fn (array $line): bool => $line['level'] === 'SEVERE',
        );
        self::assertSame([], array_column($errors, 'message'));
    }

    /** No violation that axe-core calls serious or critical; rules of WCAG 2 A and AA. */
    protected function assertAccessible(): void
    {
        self::assertSame([], $this->violations(['wcag2a', 'wcag2aa']));
    }

    /** Of a page that was looked at in other colours already: what the colours change, and nothing else. */
    protected function assertContrast(): void
    {
        self::assertSame([], $this->violations(['color-contrast', 'link-in-text-block']));
    }

    /**
     * @param list<string> $rules of axe-core, or what they are tagged with
     * @return list<string> with where each is
     */
    private function violations(array $rules): array
    {
        if ($this->web->executeScript('return window.axe === undefined')) {
            $this->web->executeScript(
                (string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'),
            );
        }
        $violations = $this->web->executeAsyncScript(<<<'JS'
            const [rules, done] = arguments;
            const isSerious = (one) => ['serious', 'critical'].includes(one.impact);
            const where = (one) => one.nodes.map((node) => node.target.join(' ')).slice(0, 4).join(' | ');
            axe.run(document, { runOnly: rules, resultTypes: ['violations'], preload: false }).then(
              (result) => done(result.violations.filter(isSerious).map((one) => `${one.id}: ${where(one)}`)),
              (failed) => done([String(failed)]),
            );
            JS, [$rules]);

        return is_array($violations) ? array_values($violations) : ["axe-core answers {$violations}"];
    }

    /** A picture of what is on the screen, kept beside the logs of the run. */
    protected function picture(string $name): void
    {
        $this->waitUntil(
            fn (): bool => $this->web->executeScript(
                'return document.fonts.status === "loaded" && document.getAnimations().length === 0',
            ),
            'The page does not come to rest.',
        );
        $this->web->takeScreenshot(self::pictures()."/{$name}.png");
    }

    private static function pictures(): string
    {
        $folder = ((string) getenv('STATE')).'/pictures';
        if (! is_dir($folder)) {
            mkdir($folder, 0o777, true);
        }

        return $folder;
    }
}
