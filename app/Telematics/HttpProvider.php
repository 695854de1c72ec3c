<?php

declare(strict_types=1);

namespace App\Telematics;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Response;
use JadeLedger\Core\Telematics\FleetSnapshot;
use JadeLedger\Core\Telematics\SnapshotIsUnreadable;

/** A provider that is asked over HTTP for fleet snapshots as ISO 15143-3 describes them. */
final readonly class HttpProvider implements TelematicsProvider
{
    private const CONNECT_SECONDS = 5;

    private const ANSWER_SECONDS = 20;

    private const LARGEST_PAGE_BYTES = 20 * 1024 * 1024;

    private const MOST_PAGES = 500;

    public function __construct(private Factory $http, private string $url, private string $token)
    {
    }

    public function snapshots(): iterable
    {
        $next = $this->url;
        $seen = [];
        while ($next !== null) {
            if (isset($seen[$next]) || count($seen) === self::MOST_PAGES) {
                throw new ProviderFailed('Its pages go on for ever.');
            }
            $seen[$next] = true;
            $snapshot = $this->page($next);
            yield $snapshot;
            $next = $snapshot->nextPage === null ? null : $this->onTheSameHost($snapshot->nextPage);
        }
    }

    private function page(string $url): FleetSnapshot
    {
        try {
            $response = $this->http
                ->connectTimeout(self::CONNECT_SECONDS)
                ->timeout(self::ANSWER_SECONDS)
                ->withOptions(['allow_redirects' => false, 'stream' => true])
                ->when($this->token !== '', fn ($request) => $request->withToken($this->token))
                ->accept('application/xml, application/json;q=0.9')
                ->get($url);
            $body = $response->successful() ? self::body($response) : '';
        } catch (ConnectionException|\RuntimeException $none) {
            throw $none instanceof ProviderFailed ? $none : new ProviderFailed('It did not answer in time.', 0, $none);
        }
        if (! $response->successful()) {
            throw new ProviderFailed("It answered with status {$response->status()}.");
        }
        try {
            return FleetSnapshot::read($body);
        } catch (SnapshotIsUnreadable $unreadable) {
            throw new ProviderFailed($unreadable->getMessage(), 0, $unreadable);
        }
    }

    private static function body(Response $response): string
    {
        $stream = $response->toPsrResponse()->getBody();
        $body = '';
        while (! $stream->eof()) {
            $body .= $stream->read(65_536);
            if (strlen($body) > self::LARGEST_PAGE_BYTES) {
                throw new ProviderFailed('Its answer is too large.');
            }
        }

        return $body;
    }

    /** The token goes to whom it was given for, and to nobody that a page names. */
    private function onTheSameHost(string $next): string
    {
        $own = parse_url($this->url);
        $origin = sprintf(
            '%s://%s%s',
            $own['scheme'] ?? '',
            $own['host'] ?? '',
            isset($own['port']) ? ":{$own['port']}" : '',
        );
        if (str_starts_with($next, '/') && ! str_starts_with($next, '//')) {
            return $origin.$next;
        }

        return str_starts_with($next, "{$origin}/")
            ? $next
            : throw new ProviderFailed('Its next page is somewhere else.');
    }
}
