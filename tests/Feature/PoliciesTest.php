<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Contract;
use App\Models\Role;
use Illuminate\Routing\Route;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

final class PoliciesTest extends YardTestCase
{
    private const PUBLIC = [
        'GET api/session',
        'POST api/session',
        'POST api/session/pin',
        'POST api/yard-opening',
        'GET sanctum/csrf-cookie',
        'GET api/health',
        'GET api/ready',
        'GET /',
        'GET storage/{path}',
        'PUT storage/{path}',
        // Its address is the key: nobody signs in with a calendar.
        'GET api/calendars/{token}',
    ];

    public function test_no_route_is_reachable_without_signing_in_unless_it_is_on_the_public_list(): void
    {
        foreach ($this->app['router']->getRoutes() as $route) {
            /** @var Route $route */
            $name = $route->methods()[0].' '.$route->uri();
            if (in_array($name, self::PUBLIC, true)) {
                continue;
            }
            $path = (string) preg_replace(
                '/\{\w+\}/',
                '01890a5d-ac96-774b-bcce-b302099a8057',
                str_replace('{photo}', str_repeat('0', 64), $route->uri()),
            );
            $answer = $this->json($route->methods()[0], '/'.$path);
            self::assertSame(401, $answer->status(), $name);
            $this->assertFits($answer, 'Problem');
        }
    }

    public function test_a_bearer_token_that_means_nothing_signs_nobody_in(): void
    {
        $this->getJson('/api/day', ['Authorization' => 'Bearer '.str_repeat('a', 43)])->assertUnauthorized();
    }

    public function test_the_description_of_the_api_and_its_routes_name_the_same_operations(): void
    {
        $described = [];
        foreach (get_object_vars($this->app->make(Contract::class)->document()->paths) as $path => $methods) {
            foreach (array_keys(get_object_vars($methods)) as $method) {
                $described[] = strtoupper($method).' '.ltrim($path, '/');
            }
        }
        $routed = [];
        foreach ($this->app['router']->getRoutes() as $route) {
            if (preg_match('#^(api|sanctum)/#', $route->uri()) === 1) {
                $routed[] = $route->methods()[0].' '.$route->uri();
            }
        }

        self::assertEqualsCanonicalizing($described, $routed);
    }

    #[TestWith([Role::Auditor, 403], 'an auditor changes nothing')]
    #[TestWith([Role::Counter, 403], 'the counter does not walk')]
    #[TestWith([Role::Technician, 200], 'a technician walks')]
    #[TestWith([Role::Mechanic, 200], 'a mechanic walks')]
    #[TestWith([Role::Lead, 200], 'so does the lead')]
    public function test_who_may_post_a_check_is_decided_on_the_server(Role $role, int $status): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $this->as($role);

        $this->send($walk, $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']))->assertStatus(
            $status,
        );
    }

    public function test_an_auditor_reads_but_opens_no_walk(): void
    {
        $this->as(Role::Auditor);

        $this->assertFits($this->getJson("/api/machines/{$this->machine->id}")->assertOk(), 'MachineDetail');
        $this->assertFits($this->getJson('/api/machines')->assertOk(), 'MachinePage');
        $refused = $this->postJson("/api/hires/{$this->hire->id}/walks", [
            'id' => '01890a5d-ac96-774b-bcce-b302099a8057',
            'movement' => 'checkout',
            'recorded_at' => self::now(),
        ])->assertForbidden();
        $this->assertFits($refused, 'Problem');
    }

    public function test_an_address_that_leads_nowhere_says_what_to_do(): void
    {
        $this->as(Role::Technician);

        $this->assertFits(
            $this->getJson('/api/walks/01890a5d-ac96-774b-bcce-b302099a8057')->assertNotFound(),
            'Problem',
        );
    }
}
