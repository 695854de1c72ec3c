<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** A walk that is read before it is opened, for a tablet that will be out of reach. */
final class PreviewTest extends YardTestCase
{
    public function test_a_preview_is_the_walk_that_an_opening_gives_and_opens_nothing(): void
    {
        $this->as(Role::Technician);
        DB::enableQueryLog();
        $preview = $this->getJson("/api/hires/{$this->hire->id}/walks/checkout")->assertOk();
        $writes = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn (string $query): bool => preg_match('/^\\s*(insert|update|delete)|for update/i', $query) === 1
                && preg_match('/`(sessions|cache\\w*)`/', $query) === 0,
        );
        self::assertSame([], $writes, 'a preview reads');
        $this->assertFits($preview, 'Walk');

        self::assertSame(0, Walk::query()->where('hire_id', $this->hire->id)->count());
        self::assertSame(0, LedgerEntry::query()->where('machine_id', $this->machine->id)->count());
        self::assertSame('booked', $this->hire->refresh()->standing()->value);

        $walk = $this->openWalk();
        $opened = $this->getJson("/api/walks/{$walk->id}");
        self::assertSame($opened->json('plan'), $preview->json('plan'));
        self::assertSame($opened->json('state.lines'), $preview->json('state.lines'));
        foreach (array_keys($opened->json('state')) as $member) {
            if ($member !== 'sequence') {
                self::assertSame($opened->json("state.{$member}"), $preview->json("state.{$member}"), $member);
            }
        }
        foreach (['steps', 'gates', 'steps_shown', 'signed_at', 'comes_back_at'] as $member) {
            self::assertSame($opened->json("briefing.{$member}"), $preview->json("briefing.{$member}"), $member);
        }
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
