<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Str;
use JadeLedger\Core\Catalogue\MachineModel;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\RealCatalogue;
use Tests\Support\YardTestCase;

/** One machine of every family goes out and comes back. */
final class FamiliesTest extends YardTestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (RealCatalogue::get()->families as $family) {
            $model = array_filter(
                RealCatalogue::get()->models,
                static fn (MachineModel $model): bool => $model->familyId === $family->id,
            );
            yield $family->name => [
                array_key_first($model) ?? throw new \LogicException("{$family->id} has no model."),
            ];
        }
    }

    #[DataProvider('families')]
    public function test_a_machine_of_each_family_goes_out_and_comes_back(string $model): void
    {
        $this->machine = Machine::query()->create([
            'fleet_number' => 'Q-'.random_int(100, 9999),
            'model_id' => $model,
            'serial' => Str::random(12),
            'bay' => 'bay 1',
        ]);
        $this->hire = $this->hireOf($this->machine);
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->walkByContract($out);
        $this->handOver($out);
        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());

        $in = $this->openWalk('return');
        $this->walkByContract($in);
        self::assertSame('released', $this->getJson("/api/walks/{$in->id}/release")->json('decision'));
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->post_($in, 'hire.closed', []);
        self::assertSame(HireStatus::Closed, $this->hire->refresh()->standing());
    }

    /** Every line as it should be; what the yard answers is held against the contract. */
    private function walkByContract(Walk $walk): void
    {
        foreach (array_chunk($this->answersOf($walk), 150) as $part) {
            $statuses = $this->send($walk, ...$part)->assertOk()->json('results.*.status');
            self::assertNotContains('refused', $statuses);
        }
    }
}
