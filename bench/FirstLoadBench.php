<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/**
 * What the first visit of a tablet costs.
 *
 * first_load_kb_gz: script that comes over the wire until the sign-in page stands. Floor: a React page that draws
 * nothing. first_paint_ms: the first contentful paint on a slow tablet (a quarter of this processor's speed, 1.6
 * Mbit/s,
 * 150 ms there and back), nothing cached. Floor: a page of bare text from the same server on the same tablet.
 */
final class FirstLoadBench
{
    private const WANTED_KB = 260.0;

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
            $app = array_map(fn (): array => $this->visit("{$url}/app"), range(1, self::VISITS));
            $text = array_map(fn (): array => $this->visit("{$url}/api/health"), range(1, self::VISITS));
        } finally {
            $driver->stop(3);
        }
        yield Figure::atMost(
            'first_load_kb_gz',
            max(array_column($app, 'kb')),
            'kB',
            (float) $bare / 1000,
            self::WANTED_KB,
        );
        yield Figure::atMost(
            'first_paint_ms',
            Spread::of(array_column($app, 'paint'))->percentile(50),
            'ms',
            Spread::of(array_column($text, 'paint'))->percentile(50),
            null,
        );
    }

    /** @return array{kb: float, paint: float} */
    private function visit(string $address): array
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
        try {
            $tools = new ChromeDevToolsDriver($web);
            $tools->execute('Network.enable');
            $tools->execute('Network.emulateNetworkConditions', [
                'offline' => false,
                'latency' => self::MILLISECONDS_AWAY,
                'downloadThroughput' => self::BYTES_PER_SECOND,
                'uploadThroughput' => self::BYTES_PER_SECOND,
            ]);
            $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => self::SLOWER]);
            $web->get($address);
            $seen = $web->executeAsyncScript(<<<'JS'
                const done = arguments[0];
                new PerformanceObserver((list) => {
                    const paint = list.getEntries().find((entry) => entry.name === 'first-contentful-paint');
                    if (paint === undefined) return;
                    const scripts = performance.getEntriesByType('resource').filter((entry) => /\.js(\?|$)/.test(entry.name));
                    done({ kb: scripts.reduce((sum, entry) => sum + entry.encodedBodySize, 0) / 1000, paint: paint.startTime });
                }).observe({ type: 'paint', buffered: true });
                JS);
        } finally {
            $web->quit();
        }

        return ['kb' => (float) $seen['kb'], 'paint' => (float) $seen['paint']];
    }
}
