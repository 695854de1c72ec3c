<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Cookie\SetCookie;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Utils;
use Psr\Http\Message\ResponseInterface;

/** Speaks to a served yard over HTTP as a signed-in tablet does: cookies, CSRF token, JSON. */
final class Tablet
{
    private readonly Client $client;

    private readonly CookieJar $cookies;

    /** One for all tablets: requests of several that have a handler each go out one after another. */
    private static ?\Closure $transport = null;

    public function __construct(string $url)
    {
        $this->cookies = new CookieJar();
        self::$transport ??= Utils::chooseHandler()(...);
        $this->client = new Client([
            'handler' => HandlerStack::create(self::$transport),
            'base_uri' => $url,
            'cookies' => $this->cookies,
            'http_errors' => false,
            'proxy' => '',
            'timeout' => 30,
            'headers' => ['Origin' => $url, 'Accept' => 'application/json'],
        ]);
    }

    public function signIn(string $login, string $password): void
    {
        $this->get('/sanctum/csrf-cookie');
        $answer = $this->post('/api/session', ['login' => $login, 'password' => $password]);
        if ($answer->getStatusCode() !== 200) {
            throw new \RuntimeException("{$login} could not sign in: {$answer->getBody()}");
        }
    }

    /** @return list<array{name: string, value: string}> what a browser needs to be signed in as this person */
    public function cookiesOf(string $login, string $password): array
    {
        $this->signIn($login, $password);

        return array_values(
            array_map(
                static fn (SetCookie $cookie): array => [
                    'name' => (string) $cookie->getName(),
                    'value' => (string) $cookie->getValue(),
                ],
                iterator_to_array($this->cookies),
            ),
        );
    }

    public function get(string $path): ResponseInterface
    {
        return $this->client->get($path);
    }

    public function getAsync(string $path): PromiseInterface
    {
        return $this->client->getAsync($path);
    }

    /** @param  array<string, mixed>  $body */
    public function post(string $path, array $body): ResponseInterface
    {
        return $this->client->post($path, $this->json($body));
    }

    /** @param  array<string, mixed>  $body */
    public function postAsync(string $path, array $body, int $waitMs = 0): PromiseInterface
    {
        return $this->client->postAsync($path, $this->json($body) + ['delay' => $waitMs]);
    }

    /**
     * @param array<string, mixed> $body
     * @return array<string, mixed>
     */
    private function json(array $body): array
    {
        return [
            'json' => $body,
            'headers' => [
                'X-XSRF-TOKEN' => urldecode((string) $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue()),
            ],
        ];
    }
}
