<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\State\Area;
use JadeLedger\Core\State\Articulation;
use JadeLedger\Core\State\Aspect;
use JadeLedger\Core\State\Axles;
use JadeLedger\Core\State\Controls;
use JadeLedger\Core\State\Engine;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\State\Isolator;
use JadeLedger\Core\State\Key;
use JadeLedger\Core\State\MachineState;
use JadeLedger\Core\State\ParkBrake;
use JadeLedger\Core\State\Posture;
use JadeLedger\Core\State\Pressure;
use JadeLedger\Core\State\StateNeed;
use JadeLedger\Core\State\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

final class StateNeedTest extends TestCase
{
    /** @return iterable<string, array{list<Aspect>, list<Aspect>, bool}> */
    public static function needs(): iterable
    {
        yield 'nothing asked for' => [[], [], true];
        yield 'one aspect as it is' => [[Key::Out], [], true];
        yield 'one aspect otherwise' => [[Key::Run], [], false];
        yield 'alternatives of one aspect' => [[Engine::Idle, Engine::Stopped], [], true];
        yield 'two aspects, one of them otherwise' => [[Key::Out, Temperature::Hot], [], false];
        yield 'something forbidden that is not so' => [[], [Temperature::Hot], true];
        yield 'something forbidden that is so' => [[Key::Out], [Temperature::Cold], false];
    }

    /**
     * @param list<Aspect> $required
     * @param list<Aspect> $forbidden
     */
    #[DataProvider('needs')]
    public function test_a_need_is_met_when_every_aspect_it_speaks_of_is_one_of_those_named(
        array $required,
        array $forbidden,
        bool $isMet,
    ): void {
        self::assertSame(
            $isMet,
            (new StateNeed('n', 'a need', $required, $forbidden))->isMetBy($this->coldAndIsolated()),
        );
    }

    /** Phases of the work and the state that each asks for: common practice, no source. */
    #[DataProvider('phases')]
    public function test_each_need_of_the_catalogue_is_met_by_the_stages_that_the_trade_means(
        string $check,
        string ...$stages,
    ): void {
        $catalogue = RealCatalogue::get();
        $need = $catalogue->check($check)->needs;
        $meeting = array_map(
            static fn ($stage): string => $stage->id,
            array_values(array_filter($catalogue->stages, static fn ($stage): bool => $need->isMetBy($stage->state))),
        );

        self::assertSame($stages, $meeting);
    }

    /** @return iterable<string, list<string>> */
    public static function phases(): iterable
    {
        yield 'papers: stopped, isolator as found' => ['doc-serial-match', 'as_found', 'cold_isolated', 'secured'];
        yield 'oil: cold' => ['eng-oil-stick', 'cold_isolated'];
        yield 'terminals: isolated' => ['bat-terminals', 'cold_isolated'];
        yield 'lamps: key on, not started' => ['ele-selftest', 'key_on'];
        yield 'after the start: idling' => ['ctl-lamps-clear', 'running'];
        yield 'functions: live, circle clear' => ['ctl-lift-lower', 'function'];
        yield 'from the platform, somebody below' => ['mew-cycle-platform', 'platform'];
        yield 'brakes: driving' => ['brk-drive', 'driving'];
        yield 'under a body: propped, key out' => ['imp-body-hinge', 'propped'];
        yield 'purge: just stopped' => ['def-purge', 'just_stopped'];
        yield 'locks: secured' => ['hkp-lockup', 'secured'];
    }

    public function test_no_state_in_which_hands_go_in_leaves_a_way_to_start_it(): void
    {
        foreach (RealCatalogue::get()->stages as $stage) {
            foreach (RealCatalogue::get()->checks as $check) {
                if (
                    in_array($check->needs->id, ['cold', 'isolated', 'propped', 'articulation_locked'], true) &&
                    $check->needs->isMetBy($stage->state)
                ) {
                    self::assertTrue($stage->state->allowsHandsIn(), "{$check->id} in {$stage->id}");
                }
            }
        }
    }

    public function test_more_is_alive_in_each_state_from_the_key_to_the_drive(): void
    {
        $catalogue = RealCatalogue::get();
        $liveliness = array_map(static fn (string $id): int => $catalogue->stage($id)->state->hazardLevel(), [
            'cold_isolated',
            'key_on',
            'running',
            'function',
            'platform',
            'driving',
        ]);

        self::assertSame([0, 1, 2, 3, 4, 5], $liveliness);
        self::assertSame(3, $catalogue->stage('propped')->state->hazardLevel(), 'to raise a body, its oil has to move');
        self::assertSame(2, $catalogue->stage('just_stopped')->state->hazardLevel(), 'what is hot has run');
        self::assertSame(0, $catalogue->stage('secured')->state->hazardLevel());
    }

    private function coldAndIsolated(): MachineState
    {
        return new MachineState(
            Isolator::Off, Key::Out, Engine::Stopped, Temperature::Cold, ParkBrake::Applied, Posture::Lowered,
            Articulation::Locked, Pressure::Held, Area::AsFound, Helper::None, Controls::Nowhere, Axles::In,
        );
    }
}
