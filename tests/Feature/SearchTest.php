<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Tests\Support\YardTestCase;

final class SearchTest extends YardTestCase
{
    public function test_a_machine_a_hire_a_hirer_and_a_person_are_found(): void
    {
        $person = $this->as(Role::Technician);
        $person->update(['name' => 'Wren Halloway']);
        $this->hire->customer->update(['name' => 'Kestrel & Daughters 100%']);
        $number = $this->machine->fleet_number;

        self::assertSame([['machine', $this->machine->id, $number]], $this->hits(strtolower($number)));
        self::assertSame([['machine', $this->machine->id, $number]], $this->hits(substr($this->machine->serial, 0, 9)));
        self::assertSame(
            [['hire', $this->machine->id, "Folio {$this->hire->folio}, Kestrel & Daughters 100%"]],
            $this->hits((string) $this->hire->folio),
        );
        $this->hire->update(['folio' => 5_000_000]);
        self::assertSame(
            [['machine', $this->machine->id, $number]],
            $this->hits(substr($number, 2)),
            'keys for figures have no letters',
        );
        self::assertSame('hire', $this->hits('daughters')[0][0] ?? null);
        self::assertSame('hire', $this->hits('100%')[0][0] ?? null, 'a sign of the database is a letter');
        self::assertSame([['person', $person->id, 'Wren Halloway']], $this->hits('halloway'));
        self::assertSame([], $this->hits('%'.$number));
        self::assertSame([], $this->hits(''));
    }

    public function test_a_check_is_found_by_its_title_at_a_model_that_the_yard_has(): void
    {
        $this->as(Role::Technician);
        Machine::query()->create(['fleet_number' => 'M-1', 'model_id' => 'mossgill_122', 'serial' => 'ZT48-1']);

        $found = $this->getJson('/api/search?words=TRACK')->assertOk()->json('hits');
        self::assertNotSame([], $found);
        foreach ($found as $hit) {
            self::assertSame(['check', 'dromvik_14c'], [$hit['kind'], $hit['at']], 'a mower has no tracks');
            self::assertStringContainsString('track', strtolower($hit['title']));
        }
        // Nobody has a boom lift here, and two letters are anything.
        self::assertSame([], $this->getJson('/api/search?words=platform%20gate')->json('hits'));
        self::assertSame([], $this->getJson('/api/search?words=tr')->json('hits'));

        $this->putJson('/api/session/preferences', ['language' => 'es'])->assertOk();
        self::assertContains('check', array_column($this->getJson('/api/search?words=oruga')->json('hits'), 'kind'));
    }

    public function test_nothing_of_another_yard_is_found(): void
    {
        $number = $this->machine->fleet_number;
        $this->app->make(CurrentYard::class)->stepInto(
            Yard::query()->create(['name' => 'Heron Reach', 'place' => 'x', 'timezone' => 'UTC']),
        );
        $this->as(Role::Lead);
        $own = Customer::query()->create(['name' => 'Saltmarsh Drainage']);

        self::assertSame([], $this->hits($number));
        self::assertSame([['hirer', $own->id, 'Saltmarsh Drainage']], $this->hits('Saltmarsh'));
        self::assertSame([], $this->hits((string) $this->hire->folio));
    }

    /** @return list<array{string, string, string}> */
    private function hits(string $words): array
    {
        $answer = $this->getJson('/api/search?words='.urlencode($words))->assertOk();
        $this->assertFits($answer, 'SearchResult');

        return array_map(
            static fn (array $hit): array => [$hit['kind'], $hit['id'], $hit['title']],
            $answer->json('hits'),
        );
    }
}
