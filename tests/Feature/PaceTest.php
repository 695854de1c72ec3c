<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\LearnPace;
use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\PlanWalk;
use Tests\Support\YardTestCase;

/** Times that the yard learns from its own walks. */
final class PaceTest extends YardTestCase
{
    private ?CarbonImmutable $clock = null;

    public function test_after_five_slow_walks_the_plan_of_the_family_takes_longer_and_says_so(): void
    {
        $before = $this->planned();
        $this->as(Role::Technician);
        for ($i = 0; $i < 5; $i++) {
            $machine = Machine::query()->create([
                'fleet_number' => 'E-'.random_int(10_000, 99_999),
                'model_id' => 'dromvik_14c',
                'serial' => Str::random(12),
                'bay' => 'bay 1',
            ]);
            // A walk that takes three hours, posted when it is over.
            $this->travel(-3)->hours();
            $walk = $this->openWalk('checkout', $this->hireOf($machine));
            $this->clock = CarbonImmutable::now();
            $this->standsBy($walk);
            $this->travelBack();
            $this->walkThrough($walk);
            $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        }
        $paces = ($this->app->make(LearnPace::class))();

        self::assertSame(180, $paces['tracked_excavator']->seconds['check doc-manual']);
        $catalogue = $this->app->make(CatalogueRepository::class)->current();
        self::assertSame(
            180,
            (new PlanWalk($catalogue))->for($catalogue->model('dromvik_14c'), Movement::Checkout)->line('doc-manual')
                ?->check->seconds,
        );
        self::assertNotSame($before, $this->planned());
        $this->assertFits($model = $this->getJson('/api/models/dromvik_14c'), 'ModelDetail');
        self::assertSame(5, $model->json('learned_from_walks'));
        self::assertSame(
            0,
            $this->getJson('/api/models/mossgill_122')->json('learned_from_walks'),
            'another family learned nothing',
        );
    }

    /**
     * @param array<string, mixed> $payload
     * @return array<string, mixed> entered by somebody who needs three minutes for the manual and four seconds for the rest
     */
    protected function entry(string $kind, array $payload, ?string $corrects = null): array
    {
        $this->clock = ($this->clock ?? CarbonImmutable::now()->subHour())->addSeconds(
            ($payload['line'] ?? '') === 'doc-manual' ? 180 : 4,
        );

        return ['recorded_at' => $this->clock->utc()->format('Y-m-d\TH:i:s.v\Z')] +
            parent::entry($kind, $payload, $corrects);
    }

    private function planned(): int
    {
        $catalogue = $this->app->make(CatalogueRepository::class)->current();

        return (new PlanWalk($catalogue))->for($catalogue->model('dromvik_14c'), Movement::Checkout)->seconds();
    }
}
