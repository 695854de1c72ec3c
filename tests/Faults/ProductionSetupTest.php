<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Cookie\SetCookie;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;

/** The set-up that docs/operations.md describes, really made, and signed in to over TLS. */
final class ProductionSetupTest extends TestCase
{
    private const HOST = 'yard.heron-reach.example';

    private const HTTPS_PORT = 8494;

    private static string $folder;

    /** @var resource */
    private static $process;

    /** @var array<int, resource> */
    private static array $pipes = [];

    public static function setUpBeforeClass(): void
    {
        $root = dirname(__DIR__, 2);
        self::$folder = $root.'/storage/test-production';
        (new Filesystem)->deleteDirectory(self::$folder);
        mkdir(self::$folder, 0755, true);
        $process = proc_open(
            [
                'setpriv', '--pdeathsig', 'TERM', __DIR__.'/production.sh',
                self::$folder, '8294', (string) self::HTTPS_PORT, '23294', self::HOST,
            ],
            [['pipe', 'r'], ['pipe', 'w'], ['file', self::$folder.'/said.log', 'w']],
            self::$pipes,
            $root,
            ['PATH' => (string) getenv('PATH')],
        );
        self::assertIsResource($process);
        self::$process = $process;
        $ready = trim((string) fgets(self::$pipes[1]));
        self::assertSame('ready', $ready, (string) file_get_contents(self::$folder.'/said.log'));
    }

    public static function tearDownAfterClass(): void
    {
        array_map(fclose(...), self::$pipes);
        proc_close(self::$process);
    }

    public function test_the_lead_who_was_added_on_the_command_line_signs_in_over_https(): void
    {
        $browser = $this->browser();
        $shell = $browser->get('/app/');
        self::assertSame(200, $shell->getStatusCode(), (string) $shell->getBody());
        self::assertSame('max-age=31536000', $shell->getHeaderLine('Strict-Transport-Security'));

        $answer = $this->signIn($browser);
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getBody());
        $session = json_decode((string) $answer->getBody(), true);
        self::assertSame('Orla Quill', $session['user']['name']);
        self::assertSame('Heron Reach Hire', $session['yard']['name']);
        self::assertSame([], $session['demo_accounts']);
        self::assertNotNull($session['user']['second_factor']['due_at'], 'a real yard does not put it off for ever');
        self::assertSame(200, $browser->get('/api/day')->getStatusCode());
        self::assertSame(200, $browser->get('/api/ready')->getStatusCode());
    }

    /** Source: RFC 6265bis section 4.1.3.2: Secure, Path=/, and no Domain. */
    public function test_the_cookie_of_the_session_is_held_to_this_host_by_the_browser_itself(): void
    {
        $browser = $this->browser();
        $this->signIn($browser);
        $cookie = $this->cookie($browser, '__Host-jade_session');

        self::assertNotNull($cookie);
        self::assertSame([true, true, '/'], [$cookie->getSecure(), $cookie->getHttpOnly(), $cookie->getPath()]);
        $said = $browser->get('/api/session')->getHeader('Set-Cookie');
        self::assertNotSame([], $said);
        foreach ($said as $line) {
            self::assertStringNotContainsStringIgnoringCase('domain=', $line);
        }
    }

    public function test_under_any_other_name_the_yard_answers_nothing(): void
    {
        foreach (['evil.example', self::HOST.'.evil.example', 'x'.self::HOST] as $host) {
            $answer = $this->browser()->get('/api/session', ['headers' => ['Host' => $host]]);
            self::assertSame(400, $answer->getStatusCode(), $host);
            self::assertStringNotContainsString($host, (string) $answer->getBody());
        }
    }

    public function test_neither_the_workers_environment_nor_what_was_compiled_holds_the_password_of_the_owner(): void
    {
        $lib = self::$folder.'/lib';
        self::assertStringNotContainsString('of-the-owner', (string) file_get_contents("{$lib}/cache/config.php"));
        self::assertSame(0, fileperms("{$lib}/cache/config.php") & 0007);
        // php-fpm is given what its unit names, and nothing else.
        preg_match_all(
            '/^EnvironmentFile=(.*)$/m',
            (string) file_get_contents(self::$folder.'/etc/jade-fpm.service'),
            $files,
        );
        self::assertSame([self::$folder.'/etc/environment'], $files[1]);
        self::assertStringNotContainsString('of-the-owner', (string) file_get_contents($files[1][0]));
    }

    private function browser(): Client
    {
        return new Client([
            'base_uri' => 'https://'.self::HOST.':'.self::HTTPS_PORT,
            'verify' => self::$folder.'/etc/certificates/house-root.crt',
            'cookies' => true,
            'http_errors' => false,
            'proxy' => '',
            'headers' => ['Accept' => 'application/json', 'Origin' => 'https://'.self::HOST.':'.self::HTTPS_PORT],
            'curl' => [CURLOPT_RESOLVE => [self::HOST.':'.self::HTTPS_PORT.':127.0.0.1']],
        ]);
    }

    private function signIn(Client $browser): ResponseInterface
    {
        $browser->get('/sanctum/csrf-cookie');
        $token = $this->cookie($browser, 'XSRF-TOKEN')?->getValue();
        self::assertNotNull($token, 'a session begins');

        return $browser->post('/api/session', [
            'headers' => ['X-XSRF-TOKEN' => urldecode($token)],
            'json' => ['login' => 'orla', 'password' => 'heron over the weir'],
        ]);
    }

    private function cookie(Client $browser, string $name): ?SetCookie
    {
        $cookies = $browser->getConfig('cookies');
        self::assertInstanceOf(CookieJar::class, $cookies);

        return $cookies->getCookieByName($name);
    }
}
