<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/**
 * What the first and the second visit of a tablet cost.
 *
 * first_load_kb_gz: script that comes over the wire until the sign-in page stands. Floor: a React page that draws
 * nothing. first_paint_ms: the first contentful paint on a slow tablet (a quarter of this processor's speed, 1.6
 * Mbit/s, 150 ms there and back), nothing cached. sign_in_ms: until the sign-in page can be used there.
 * second_paint_ms: the first paint of the visit after it, with the page kept by its worker; the browser slows down
 * nothing that a worker asks for, so the way to the yard and back is added. Floor of all three: a page of bare text
 * from the same server on the same tablet.
 */
final class FirstLoadBench
{
    private const WANTED_KB = 200.0;

    private const WANTED_FIRST_MS = 1800.0;

    private const WANTED_SECOND_MS = 700.0;

    private const SLOWER = 4;

    private const BYTES_PER_SECOND = 200_000;

    private const MILLISECONDS_AWAY = 150;

    private const VISITS = 5;

    /** @return iterable<Figure> */
    public function figures(string $url): iterable
    {
        $bare = (new Process(['node', 'bench/bare-react.mjs'], dirname(__DIR__)))->mustRun()->getOutput();
        $driver = new Process(
            ['setpriv', '--pdeathsig', 'TERM', 'chromedriver', '--port=9555', '--allowed-ips=127.0.0.1'],
            env: ['HOME' => sys_get_temp_dir()],
        );
        $driver->start();
        $driver->waitUntil(
            static fn (string $type, string $output): bool => str_contains($output, 'started successfully'),
        );
        try {
            $app = array_map(fn (): array => $this->visits("{$url}/app"), range(1, self::VISITS));
            $text = array_map(fn (): float => $this->bareText("{$url}/api/health"), range(1, self::VISITS));
        } finally {
            $driver->stop(3);
        }
        $floor = Spread::of($text)->percentile(50);
        $middle = static fn (string $what): float => Spread::of(array_column($app, $what))->percentile(50);
        yield Figure::atMost(
            'first_load_kb_gz',
            max(array_column($app, 'kb')),
            'kB',
            (float) $bare / 1000,
            self::WANTED_KB,
        );
        yield Figure::atMost('first_paint_ms', $middle('first'), 'ms', $floor, self::WANTED_FIRST_MS);
        yield Figure::atMost('sign_in_ms', $middle('form'), 'ms', $floor, null);
        yield Figure::atMost(
            'second_paint_ms',
            $middle('second') + self::MILLISECONDS_AWAY,
            'ms',
            $floor,
            self::WANTED_SECOND_MS,
        );
    }

    /** @return array{kb: float, first: float, form: float, second: float} */
    private function visits(string $address): array
    {
        $web = $this->slowTablet();
        try {
            $web->get($address);
            $form = (float) $web->executeAsyncScript(<<<'JS'
                const done = arguments[0];
                const look = () => document.querySelector('[data-testid="sign-in"]') === null
                  ? requestAnimationFrame(look)
                  : done(performance.now());
                look();
                JS);
            $kb = (float) $web->executeScript(<<<'JS'
                const [stood] = arguments;
                return performance.getEntriesByType('resource')
                  .filter((entry) => /\.js(\?|$)/.test(entry.name) && entry.startTime < stood)
                  .reduce((sum, entry) => sum + entry.encodedBodySize, 0) / 1000;
                JS, [$form]);
            $first = $this->paint($web);
            $web->executeAsyncScript('navigator.serviceWorker.ready.then(() => arguments[0]());');
            $web->get($address);

            return ['kb' => $kb, 'first' => $first, 'form' => $form, 'second' => $this->paint($web)];
        } finally {
            $web->quit();
        }
    }

    private function bareText(string $address): float
    {
        $web = $this->slowTablet();
        try {
            $web->get($address);

            return $this->paint($web);
        } finally {
            $web->quit();
        }
    }

    /** When the page that stands there was first painted, in ms after it was asked for. */
    private function paint(RemoteWebDriver $web): float
    {
        return (float) $web->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            new PerformanceObserver((list) => {
              const paint = list.getEntries().find((entry) => entry.name === 'first-contentful-paint');
              if (paint !== undefined) done(paint.startTime);
            }).observe({ type: 'paint', buffered: true });
            JS);
    }

    private function slowTablet(): RemoteWebDriver
    {
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
            '--no-proxy-server',
            '--window-size=800,1280',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $web = RemoteWebDriver::create('http://127.0.0.1:9555', $capabilities, 20_000, 60_000);
        $tools = new ChromeDevToolsDriver($web);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', [
            'offline' => false,
            'latency' => self::MILLISECONDS_AWAY,
            'downloadThroughput' => self::BYTES_PER_SECOND,
            'uploadThroughput' => self::BYTES_PER_SECOND,
        ]);
        $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => self::SLOWER]);

        return $web;
    }
}
