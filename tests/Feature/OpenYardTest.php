<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\User;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Support\Facades\Storage;
use Tests\Support\YardTestCase;

/** An installation without anybody becomes a yard in the browser. */
final class OpenYardTest extends YardTestCase
{
    private const YARD = [
        'name' => 'Heron Reach Hire', 'place' => 'Heron Reach', 'timezone' => 'Europe/Madrid', 'language' => 'es',
        'currency' => 'EUR',
        'lead' => ['name' => 'Orla Quill', 'login' => 'orla', 'initials' => 'OQ', 'password' => 'heron over the weir'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->app->make(CurrentYard::class)->leave();
    }

    public function test_whoever_opens_it_leads_it_and_is_told_what_is_missing_until_the_first_walk(): void
    {
        self::assertTrue($this->getJson('/api/session')->assertOk()->json('is_to_be_opened'));
        $opened = $this->postJson('/api/yard-opening', self::YARD)->assertCreated();
        $this->assertFits($opened, 'Session');
        self::assertSame(['Orla Quill', 'lead', 'es', 'Heron Reach Hire', 'Europe/Madrid'], [
            $opened->json('user.name'), $opened->json('user.role'), $opened->json('user.language'),
            $opened->json('yard.name'), $opened->json('yard.timezone'),
        ]);
        self::assertNotNull($opened->json('user.second_factor.due_at'));

        $day = $this->getJson('/api/day')->assertOk();
        $this->assertFits($day, 'Day');
        self::assertFalse($day->json('first_steps.people'));
        $this->postJson('/api/people', [
            'name' => 'Bram Ketel',
            'login' => 'bram',
            'initials' => 'BK',
            'role' => 'technician',
            'password' => 'ebb and slack',
        ])->assertCreated();
        self::assertTrue($this->getJson('/api/day')->json('first_steps.people'));
        self::assertSame('yard_opened', AuditEntry::query()->orderBy('id')->firstOrFail()->getRawOriginal('kind'));
    }

    public function test_the_units_of_the_yard_are_chosen_as_it_is_opened(): void
    {
        $this->postJson('/api/yard-opening', ['units' => 'yard'] + self::YARD)->assertStatus(422);
        $opened = $this->postJson('/api/yard-opening', ['units' => 'us'] + self::YARD)->assertCreated();

        self::assertSame(['yard', 'us_first'], [$opened->json('user.units'), $opened->json('user.units_shown')]);
        $rules = $this->getJson('/api/house-rules')->assertOk()->json('rules');
        self::assertSame('us', collect($rules)->firstWhere('id', 'units')['value'] ?? null);
        self::assertSame(
            ['yard_opened', 'house_rule_chosen'],
            AuditEntry::query()->orderBy('id')->limit(2)->toBase()->pluck('kind')->all(),
        );
    }

    public function test_money_and_law_of_the_place_are_said_as_it_is_opened(): void
    {
        $laws = array_column($this->getJson('/api/session')->assertOk()->json('laws'), 'name', 'id');
        self::assertSame('European Union', $laws['eu']);
        $this->postJson('/api/yard-opening', ['currency' => 'DEM'] + self::YARD)
            ->assertStatus(422)
            ->assertJsonStructure(['field' => ['currency']]);
        $this->postJson('/api/yard-opening', ['law' => 'moon'] + self::YARD)->assertStatus(422);
        self::assertTrue($this->getJson('/api/session')->json('is_to_be_opened'), 'nothing was opened');

        $opened = $this->postJson('/api/yard-opening', ['law' => 'eu'] + self::YARD)->assertCreated();

        self::assertSame(['EUR', []], [$opened->json('yard.currency'), $opened->json('laws')]);
        $rules = $this->getJson('/api/house-rules')->assertOk()->json('rules');
        self::assertSame('eu', collect($rules)->firstWhere('id', 'law')['value'] ?? null);
        $this->putJson('/api/yard', ['phone' => null, 'currency' => 'XXQ'])->assertStatus(422);
        $this->putJson('/api/yard', ['phone' => null, 'currency' => 'GBP'])
            ->assertOk()
            ->assertJsonPath('currency', 'GBP');
        self::assertSame('GBP', Yard::query()->where('name', 'Heron Reach Hire')->value('currency'));
    }

    public function test_where_anybody_is_nobody_opens_it_again(): void
    {
        $this->postJson('/api/yard-opening', self::YARD)->assertCreated();
        $this->deleteJson('/api/session')->assertNoContent();
        self::assertFalse($this->getJson('/api/session')->json('is_to_be_opened'));

        $again = ['lead' => ['login' => 'mallory'] + self::YARD['lead']] + self::YARD;
        $this->assertFits($this->postJson('/api/yard-opening', $again)->assertStatus(409), 'Problem');
        self::assertSame(1, User::query()->withoutGlobalScopes()->count());
        self::assertSame(1, Yard::query()->where('name', 'Heron Reach Hire')->count());
    }

    public function test_what_is_wrong_is_said_field_by_field_and_nothing_is_opened(): void
    {
        $wrong = $this->postJson('/api/yard-opening', [
            'name' => "Heron\u{202E}", 'timezone' => 'Mars/Olympus', 'lead' => [
                'password' => 'password123',
                'login' => 'Órla',
            ] + self::YARD['lead'],
        ] + self::YARD)->assertStatus(422);

        $this->assertFits(
            $this->postJson('/api/yard-opening', ['lead' => ['login' => ['a' => 1]]] + self::YARD)->assertStatus(422),
            'Problem',
        );
        self::assertEqualsCanonicalizing(
            ['name', 'timezone', 'lead.login', 'lead.password'],
            array_keys($wrong->json('field')),
        );
        self::assertTrue($this->getJson('/api/session')->json('is_to_be_opened'));
    }
}
