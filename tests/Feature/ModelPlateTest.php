<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ModelPlate;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** The plate of a model as a lead takes it from the manual: the last one counts, over what the catalogue says. */
final class ModelPlateTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->machine->update(['model_id' => 'ardlow_20b']);
        $this->as(Role::Lead);
    }

    public function test_what_the_manual_says_goes_over_the_catalogue_and_the_rest_stays(): void
    {
        $before = $this->getJson('/api/models/ardlow_20b/plate')->assertOk();
        $this->assertFits($before, 'ModelPlate');
        self::assertTrue($before->json('asks_reach'));
        self::assertSame('250', self::figure($before, 'platform_capacity'));

        $kept = $this->keep(['figures' => ['platform_capacity' => '230 kg']])->assertOk();
        $this->assertFits($kept, 'ModelPlate');
        self::assertSame(
            ['230', '2'],
            [self::figure($kept, 'platform_capacity'), self::figure($kept, 'platform_people')],
        );
        self::assertCount(16, $kept->json('reach'), 'the chart of the catalogue stays');

        $sheet = collect($this->getJson("/api/machines/{$this->machine->id}/limits")->json('sheets'))->firstWhere(
            'id',
            'platform-load',
        );
        self::assertSame('230', array_column($sheet['fields'], null, 'name')['capacity']['units'][0]['value']);
        self::assertSame(1, ModelPlate::query()->count());
        $this->getJson('/api/audit')->assertOk()->assertJsonPath('entries.0.kind', 'model_plate_set');
    }

    public function test_a_chart_of_the_manual_decides_what_is_in_reach(): void
    {
        $this->keep(['reach' => [['0', '0'], ['5', '0'], ['5', '10'], ['0', '10']]])->assertOk();
        $at = fn (string $up): string => $this->postJson("/api/machines/{$this->machine->id}/limits/reach", [
            'inputs' => [
                'job_out' => ['value' => '3'],
                'job_up' => ['value' => $up],
                'lines' => ['value' => 'no'],
            ],
        ])->json('result.fits');

        self::assertSame(['within', 'beyond'], [$at('10'), $at('10.1')]);
    }

    public function test_a_chart_that_crosses_itself_is_refused_with_its_points(): void
    {
        $answer = $this->keep(['reach' => [['0', '0'], ['5', '5'], ['5', '0'], ['0', '5']]])->assertStatus(422);

        $this->assertFits($answer, 'Problem');
        self::assertStringContainsString('after point 1 and after point 3', $answer->json('detail'));
        $this->keep(['reach' => [['0', '0'], ['5', '0'], ['9', '0']]])->assertStatus(422);
        $this->keep(['figures' => ['platform_capacity' => '230 bananas']])->assertStatus(422);
        self::assertSame(0, ModelPlate::query()->count());
    }

    public function test_only_a_lead_takes_it(): void
    {
        $this->as(Role::Technician);

        $this->getJson('/api/models/ardlow_20b/plate')->assertOk();
        $this->keep([])->assertForbidden();
        $this->getJson('/api/models/no_such/plate')->assertNotFound();
    }

    /** @param  array<string, mixed>  $more */
    private function keep(array $more): TestResponse
    {
        return $this->putJson(
            '/api/models/ardlow_20b/plate',
            $more + ['figures' => (object) [], 'source' => 'Manual, page 12'],
        );
    }

    private static function figure(TestResponse $plate, string $name): ?string
    {
        return array_column($plate->json('figures'), 'value', 'name')[$name] ?? null;
    }
}
