<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CalendarFeed;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** The hires of a yard in a calendar: under an address that nobody guesses and that can be taken back. */
final class CalendarFeedTest extends YardTestCase
{
    public function test_whoever_has_the_address_reads_the_hires_without_signing_in(): void
    {
        $this->hire->update(['site' => 'Quay, north', 'contact' => 'Lee']);
        $address = $this->made();
        $this->app->make('auth')->forgetGuards();

        $calendar = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $text = (string) $calendar->getContent();
        self::assertStringContainsString("UID:hire-{$this->hire->id}@jade-ledger\r\n", $text);
        self::assertStringContainsString('DTSTART:'.$this->hire->goes_out_at->utc()->format('Ymd\THis\Z'), $text);
        self::assertStringContainsString('LOCATION:Quay\, north', $text);
        self::assertStringContainsString('STATUS:CONFIRMED', $text);
        self::assertNotNull(CalendarFeed::query()->firstOrFail()->read_at);
    }

    public function test_a_cancelled_hire_is_told_as_cancelled_and_an_old_one_not_at_all(): void
    {
        $address = $this->made();
        $this->hire->update(['cancelled_at' => CarbonImmutable::now()]);
        self::assertStringContainsString('STATUS:CANCELLED', (string) $this->get($address)->getContent());

        $this->hire->update(['goes_out_at' => '2020-01-01 08:00:00', 'comes_back_at' => '2020-01-02 08:00:00']);
        self::assertStringNotContainsString('VEVENT', (string) $this->get($address)->getContent());
    }

    public function test_a_mechanics_calendar_has_what_is_due_on_each_machine_day_by_day(): void
    {
        $yard = $this->machine->yard_id;
        $today = CarbonImmutable::now('Europe/London');
        $ahead = ['svc-separator' => 12, 'svc-oil' => 12, 'svc-grease-pivots' => -3, 'svc-slew-ring' => 200];
        foreach ($ahead as $point => $days) {
            DB::table('service_ahead')->insert([
                'machine_id' => $this->machine->id, 'yard_id' => $yard,
                'point' => $point, 'day' => $today->addDays($days)->format('Y-m-d'),
            ]);
        }
        $this->as(Role::Lead);
        $made = $this->postJson('/api/calendar-feeds', ['name' => 'Workshop', 'shows' => 'service'])->assertCreated();
        $this->app->make('auth')->forgetGuards();

        $text = (string) $this->get((string) $made->json('made'))->assertOk()->getContent();
        self::assertSame(2, substr_count($text, 'BEGIN:VEVENT'), 'two days of one machine; the last is too far ahead');
        self::assertStringContainsString('DTSTART;VALUE=DATE:'.$today->addDays(12)->format('Ymd'), $text);
        self::assertStringContainsString('DTSTART;VALUE=DATE:'.$today->format('Ymd'), $text, 'what is overdue');
        self::assertStringContainsString('points likely due: 2', $text);
        self::assertStringContainsString('points overdue: 1', $text);
        self::assertStringNotContainsString('Saltmarsh', $text, 'no hire');
        $this->as(Role::Lead);
        self::assertSame('service', $this->getJson('/api/calendar-feeds')->json('feeds.0.shows'));
    }

    public function test_an_address_that_was_taken_back_and_one_that_was_guessed_answer_alike(): void
    {
        $address = $this->made();
        $feed = CalendarFeed::query()->firstOrFail();
        self::assertStringNotContainsString($feed->digest, $address);
        $this->deleteJson("/api/calendar-feeds/{$feed->id}")
            ->assertOk()
            ->assertJsonPath('feeds', []);

        $this->get($address)->assertNotFound();
        $this->get('/api/calendars/'.str_repeat('0', 64))->assertNotFound();
        $this->get('/api/calendars/short')->assertNotFound();
    }

    public function test_who_books_makes_addresses_and_nobody_else(): void
    {
        $this->as(Role::Technician);
        $this->postJson('/api/calendar-feeds', ['name' => 'Phone'])->assertForbidden();
        $this->getJson('/api/calendar-feeds')->assertForbidden();
        $this->as(Role::Counter);
        $this->postJson('/api/calendar-feeds', ['name' => 'x'])->assertStatus(422);
        $made = $this->postJson('/api/calendar-feeds', ['name' => 'Desk'])->assertCreated();
        $this->assertFits($made, 'CalendarFeeds');
        self::assertNull($this->getJson('/api/calendar-feeds')->json('made'), 'The address is told once.');
    }

    private function made(): string
    {
        $this->as(Role::Counter);

        return (string) $this->postJson('/api/calendar-feeds', ['name' => 'Phone of the counter'])
            ->assertCreated()
            ->json('made');
    }
}
