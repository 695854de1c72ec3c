<?php

declare(strict_types=1);

namespace Tests\Browser;

use Carbon\CarbonImmutable;
use Facebook\WebDriver\WebDriverBy;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\BrowserTestCase;
use Tests\Support\Tablet;
use Tests\Support\WalkerOverHttp;
use Tests\Support\WalksInTheBrowser;

/**
 * A handover of five kinds of machine by finger: the site, what is asked back, two who sign, the link, a tick, a fault.
 * The walk, and the steps before the last ones, are posted beside the page: other stories are about them.
 */
final class HandoverStoriesTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    /** Steps that are turned by finger, at the end of each briefing. */
    private const BY_FINGER = 3;

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function isTouched(): bool
    {
        return true;
    }

    /**
     * Model, letter of its number, what is said of the site, the caution that follows, and a step of its briefing.
     *
     * @return iterable<string, array{string, string, array<string, string>, string, string}>
     */
    public static function machines(): iterable
    {
        yield 'boom lift' => [
            'ardlow_20b', 'A',
            ['lines' => 'yes', 'frost' => 'no'],
            'owner of the line', 'emergency lowering',
        ];
        yield 'gas truck' => [
            'orrick_25g', 'F',
            ['indoors' => 'yes', 'dark' => 'no'],
            'air the place', 'close the valve',
        ];
        yield 'generator' => [
            'brennock_g20', 'G',
            ['water' => 'unknown', 'people' => 'no'],
            'Ask for edges', 'Breaker open',
        ];
        yield 'mower' => [
            'mossgill_122', 'M',
            ['slope' => 'yes', 'frost' => 'no'],
            'steepest ground', 'Disengage the blades',
        ];
        yield 'dump truck' => [
            'brennock_a30', 'H',
            ['soft' => 'yes', 'dark' => 'yes'],
            'Plates under wheels', 'body',
        ];
    }

    /** @param  array<string, string>  $site */
    #[DataProvider('machines')]
    public function test_a_machine_is_handed_over_and_taken_along(
        string $model,
        string $letter,
        array $site,
        string $caution,
        string $step,
    ): void {
        $number = "{$letter}-".random_int(700, 999);
        [$hire, $walk, $steps] = $this->walkedOut($model, $number, $site);
        $this->signIn('ines', "/app/walks/{$walk}/handover");
        $this->giveTheTabletOut();
        for ($turns = 0; $this->exists(self::named('next-step')); $turns++) {
            self::assertLessThan(count($steps), $turns, 'The briefing does not end.');
            $here = $this->text('.step h2');
            $this->tap('next-step');
            $this->waitUntil(fn (): bool => $this->text('.step h2') !== $here, 'The step stays.');
        }
        $this->answerBack();
        $this->waitForText('.signing', $caution);
        $this->countOut();
        $this->sign('Tobias Wray');
        $this->wait('.signed '.self::named('stamp'));
        $this->tap('another-signs');
        $this->sign('Fenn Callow');
        $this->waitForText(self::named('also-signed'), 'Fenn Callow');
        $this->tap('hirer-link');
        $this->tap('make-link');
        $address = (string) $this->wait(self::named('link-address'))->getAttribute('value');

        $this->web->get($address);
        $this->waitForText('.head', $number);
        $told = (string) $this->web->executeAsyncScript(<<<'JS'
            const [token, done] = arguments;
            fetch('/api/hirer-page', { headers: { Authorization: `Bearer ${token}` } })
              .then((answer) => answer.text()).then(done);
            JS, [explode('#', $address)[1]]);
        self::assertStringContainsStringIgnoringCase($step, $told);
        $this->waitForText(self::named('limits'), $caution);
        $this->waitForText(self::named('things'), '2 × Helmet');
        if ($this->exists('.tick')) {
            $this->tapOn('.tick');
            $this->waitUntil(
                fn (): bool => $this->wait('.tick')->getAttribute('aria-pressed') === 'true',
                'It is not ticked.',
            );
        }
        $this->tap('report');
        $this->type('report-words', "Something rattles on {$number}");
        $this->tap('runs-running');
        $this->tap('report-send');
        $this->waitForText(self::named('report-there'), 'rattles');
        $said = json_decode((string) $this->tablet('ines')->get("/api/hires/{$hire}/hirer-reports")->getBody(), true);
        self::assertSame(["Something rattles on {$number}"], array_column($said['reports'], 'words'));
    }

    /** Two helmets and a chain with its number go along. */
    private function countOut(): void
    {
        $this->tap('count-out');
        $this->tap('more-helmet');
        $this->waitForText(self::named('count-helmet').' output', '1');
        $this->tap('more-helmet');
        $this->waitForText(self::named('count-helmet').' output', '2');
        $this->tap('more-tie_down');
        $this->type('marks-tie_down', 'C-21');
        $this->picture('things');
        $this->tap('things-post');
        $this->waitForText(self::named('things-along'), '2 × Helmet');
        $this->waitForText(self::named('things-along'), '(C-21)');
        $this->picture('things-signing');
    }

    private function sign(string $name): void
    {
        foreach ($this->web->findElements(WebDriverBy::cssSelector('.gate > .act')) as $gate) {
            $this->press($gate);
        }
        $this->type('gate-number-doc-operator-proof', 'TQ 4471');
        $this->type('signer', $name);
        $field = $this->wait(self::named('signature'));
        $this->web->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$field]);
        $box = $this->web->executeScript(
            'const box = arguments[0].getBoundingClientRect();'
            .'return [box.x + box.width / 2, box.y + box.height / 2];',
            [$field],
        );
        [$x, $y] = array_map(intval(...), $box);
        $this->drag([$x - 80, $y], [$x + 70, $y + 20]);
        $this->hold('sign');
    }

    /**
     * @param array<string, string> $site
     * @return array{string, string, list<string>} hire, walk, steps of its briefing
     */
    private function walkedOut(string $model, string $number, array $site): array
    {
        $made = $this->tablet('dilys')->post(
            '/api/machines',
            ['model_id' => $model, 'fleet_number' => $number, 'serial' => "TQ9{$number}"],
        );
        self::json($made);
        $counter = $this->tablet('juno');
        $machine = self::json($counter->get("/api/machines?search={$number}"))['machines'][0]['id'];
        $hirer = self::json($counter->get('/api/hirers?search=Dunlin'))['hirers'][0]['id'];
        $now = CarbonImmutable::now('Europe/London');
        $booked = self::json($counter->post('/api/hires', [
            'machine_id' => $machine, 'hirer_id' => $hirer, 'goes_out' => $now->addMinutes(20)->format('Y-m-d\TH:i'),
            'comes_back' => $now->addDays(9)->format('Y-m-d\TH:i'), 'contact' => null, 'contact_phone' => null,
            'site' => 'Dunlin links', 'knowing' => ['no_time_to_walk'],
        ]));
        $hire = (string) $booked['id'];
        $counter->post("/api/hires/{$hire}/entries", ['entries' => [[
            'id' => (string) Str::uuid7(), 'kind' => 'site.answered',
            'recorded_at' => gmdate('Y-m-d\TH:i:s\Z'), 'payload' => ['answers' => $site],
        ]]]);
        $walker = new WalkerOverHttp('ines');
        $walk = $walker->open($hire, 'checkout');
        $walker->answer($walk);
        $walker->release($walk);
        $briefing = self::json($this->tablet('ines')->get("/api/walks/{$walk}/briefing"));
        $steps = array_column($briefing['steps'], 'id');
        foreach (array_slice($steps, 0, -self::BY_FINGER) as $step) {
            $walker->postOne($walk, 'handover.step_shown', ['step' => $step]);
        }

        return [$hire, $walk, $steps];
    }

    private function tablet(string $login): Tablet
    {
        $tablet = new Tablet((string) getenv('BROWSER_URL'));
        $tablet->signIn($login, 'tern-quay');

        return $tablet;
    }

    /** @return array<string, mixed> */
    private static function json(ResponseInterface $answer): array
    {
        self::assertLessThan(300, $answer->getStatusCode(), (string) $answer->getBody());

        return json_decode((string) $answer->getBody(), true, flags: JSON_THROW_ON_ERROR);
    }
}
