<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\Walk;
use Tests\Support\YardTestCase;

/** A walk that is read before it is opened, for a tablet that will be out of reach. */
final class PreviewTest extends YardTestCase
{
    public function test_a_preview_is_the_walk_that_an_opening_gives_and_opens_nothing(): void
    {
        $this->as(Role::Technician);
        $preview = $this->getJson("/api/hires/{$this->hire->id}/walks/checkout")->assertOk();
        $this->assertFits($preview, 'Walk');

        self::assertSame(0, Walk::query()->where('hire_id', $this->hire->id)->count());
        self::assertSame(0, LedgerEntry::query()->where('machine_id', $this->machine->id)->count());
        self::assertSame('booked', $this->hire->refresh()->standing()->value);

        $walk = $this->openWalk();
        $opened = $this->getJson("/api/walks/{$walk->id}");
        self::assertSame($opened->json('plan'), $preview->json('plan'));
        self::assertSame($opened->json('state.lines'), $preview->json('state.lines'));
        self::assertSame($opened->json('state.blocked_stages'), $preview->json('state.blocked_stages'));
    }

    public function test_a_walk_that_may_not_be_opened_has_no_preview(): void
    {
        $this->as(Role::Technician);
        $this->assertFits($this->getJson("/api/hires/{$this->hire->id}/walks/return")->assertStatus(409), 'Problem');
        $this->assertFits($this->getJson("/api/hires/{$this->hire->id}/walks/sideways")->assertNotFound(), 'Problem');
        $this->as(Role::Counter);
        $this->assertFits($this->getJson("/api/hires/{$this->hire->id}/walks/checkout")->assertForbidden(), 'Problem');
    }
}
