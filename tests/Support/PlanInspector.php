<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Yaml\Yaml;

/**
 * Reads a finished walk beside the catalogue's files and says what is wrong with it.
 *
 * It shares no code with the planner: what a check needs, waits for and applies to is read from the YAML anew, and what
 * must hold of locks, covers and platforms is written down here a second time. Common practice, no source, where
 * nothing else is named.
 */
final class PlanInspector
{
    /**
     * How much is alive: 0 dead, 1 key on, 2 running or just stopped, 3 at working speed or propped, 4 somebody is up
     * there, 5 it rolls.
     */
    private const ALIVE = [
        'as_found' => 0, 'cold_isolated' => 0, 'secured' => 0, 'held_up' => 0, 'deck_up' => 0,
        'key_on' => 1, 'running' => 2, 'just_stopped' => 2,
        'function' => 3, 'function_out' => 3, 'propped' => 3,
        'platform' => 4, 'platform_out' => 4, 'driving' => 5, 'drive_raised' => 5, 'drive_extended' => 5,
    ];

    /** What raises or reaches out a boom whose axles extend, and so has to wait until they are out. */
    private const AXLES_OUT = [
        'mew-cycle-ground-out',
        'mew-cycle-platform-out',
        'mew-env-angle-out',
        'mew-env-length-out',
        'mew-speed-raised',
        'mew-speed-extended',
    ];

    /** What is looked at from below or hangs in its chains, and so has to be up with everything dead. */
    private const HELD_UP = ['mst-fork-tips', 'mst-chain-tension', 'turf-deck'];

    /** What cranks: it belongs behind "nobody in the circle". */
    private const CRANKS = ['eng-start', 'trn-neutral-start', 'mew-foot-nofunction', 'turf-no-start-blades'];

    /** @var array<string, array<string, mixed>> by id */
    private array $checks = [];

    /** @var list<string> features of all machines that lift people */
    private array $ofPlatforms = [];

    /** @var array<string, array<string, mixed>> by id */
    private array $needs;

    /** @var array<string, array<string, mixed>> by id */
    private array $stages;

    public function __construct(string $catalogue)
    {
        foreach (glob("{$catalogue}/checks/*.yaml") ?: [] as $file) {
            $this->checks += array_column(Yaml::parseFile($file)['checks'], null, 'id');
        }
        $this->needs = array_column(Yaml::parseFile("{$catalogue}/states/needs.yaml")['needs'], null, 'id');
        $this->stages = array_column(Yaml::parseFile("{$catalogue}/states/stages.yaml")['stages'], null, 'id');
        foreach (glob("{$catalogue}/models/*.yaml") ?: [] as $file) {
            $model = Yaml::parseFile($file);
            $family = Yaml::parseFile("{$catalogue}/families/{$model['family']}.yaml");
            if (in_array('work_platform', $family['features'], true)) {
                array_push($this->ofPlatforms, ...$family['features'], ...$model['features'] ?? []);
            }
        }
    }

    /**
     * @param list<array{stage: string, asked: list<string>, lines: list<array{check: string, place: string}>}> $walk
     * @param list<string> $features
     * @return list<string> empty: nothing is wrong
     */
    public function complaints(array $walk, array $features, string $occasion): array
    {
        return [
            ...$this->lines($walk, $features, $occasion),
            ...$this->order($walk, $features),
            ...$this->machine($walk, $features),
        ];
    }

    /** @return list<string> what is missing, does not belong, or stands in a state that it forbids */
    private function lines(array $walk, array $features, string $occasion): array
    {
        $complaints = [];
        $seen = [];
        foreach ($walk as $step) {
            $state = $this->stages[$step['stage']]['state'];
            foreach ($step['lines'] as ['check' => $id, 'place' => $place]) {
                $check = $this->checks[$id];
                $seen[] = $id;
                if (! $this->applies($check['applies'] ?? [], $features)) {
                    $complaints[] = "{$id} is asked of a machine that has no such part";
                }
                $need = $this->needs[$check['needs']];
                foreach ($need['requires'] as $aspect => $allowed) {
                    if (! in_array($state[$aspect], $allowed, true)) {
                        $complaints[] = "{$id} wants {$aspect} ".implode(' or ', $allowed)
                            .", {$step['stage']} has {$state[$aspect]}";
                    }
                }
                foreach ($need['forbids'] ?? [] as $aspect => $forbidden) {
                    if (in_array($state[$aspect], $forbidden, true)) {
                        $complaints[] = "{$id} forbids {$aspect} {$state[$aspect]}, which {$step['stage']} has";
                    }
                }
                if (
                    in_array('work_platform', $features, true)
                    && ($place === 'platform' || ($place === 'seat' && $this->isAskedOnPlatforms($check)))
                    && $state['posture'] === 'working'
                    && $state['controls'] === 'ground'
                ) {
                    $complaints[] = "{$id} puts somebody on a platform that is worked from the ground";
                }
                if (
                    in_array($id, self::HELD_UP, true)
                    && ($state['posture'] !== 'held_up' || $state['key'] !== 'out' || $state['engine'] !== 'stopped')
                ) {
                    $complaints[] = "{$id} is looked at in {$step['stage']}, where nothing is held up";
                }
                if (in_array($id, self::CRANKS, true) && $state['area'] !== 'clear') {
                    $complaints[] = "{$id} cranks in {$step['stage']}, where nobody has cleared the area";
                }
            }
        }
        foreach ($this->checks as $id => $check) {
            $occasions = $check['occasions'];
            foreach ($check['occasions_with'] ?? [] as $feature => $more) {
                $occasions = in_array($feature, $features, true) ? [...$occasions, ...$more] : $occasions;
            }
            if (
                in_array($occasion, $occasions, true)
                && $this->applies($check['applies'] ?? [], $features)
                && ! in_array($id, $seen, true)
            ) {
                $complaints[] = "{$id} is missing";
            }
        }

        return $complaints;
    }

    /** @return list<string> what comes too early or too late */
    private function order(array $walk, array $features): array
    {
        $complaints = [];
        $at = $last = [];
        $count = 0;
        foreach ($walk as $step) {
            foreach ($step['lines'] as ['check' => $id]) {
                $at[$id] ??= $count;
                $last[$id] = $count++;
            }
        }
        foreach (array_keys($at) as $id) {
            foreach ($this->checks[$id]['after'] ?? [] as $first) {
                if (isset($last[$first]) && $last[$first] > $at[$id]) {
                    $complaints[] = "{$id} comes before {$first}";
                }
            }
        }
        $reached = 0;
        foreach ($walk as $step) {
            $reached = max($reached, self::ALIVE[$step['stage']]);
            foreach ($step['lines'] as ['check' => $id]) {
                $gate = $this->checks[$id]['stands_before'] ?? null;
                if ($gate !== null && $reached >= self::ALIVE[$gate]) {
                    $complaints[] = "{$id} has to stand before {$gate} and comes in {$step['stage']}";
                }
            }
        }
        $pairs = [
            'trn-direction' => ['saf-reverse-alarm'],
            'mew-cycle-platform' => ['mew-estop-ground', 'mew-estop-platform'],
            'mew-foot-nofunction' => ['mew-estop-ground'],
            'mew-crush-trip' => ['mew-estop-ground', 'mew-estop-platform'],
        ];
        if (in_array('extendable_axles', $features, true)) {
            $pairs += array_fill_keys(self::AXLES_OUT, ['mew-axle-out']) + [
                'mew-axle-out' => ['mew-axle-raise', 'mew-axle-extend-lock', 'mew-estop-platform'],
            ];
        }
        foreach ($pairs as $later => $earlier) {
            foreach ($earlier as $first) {
                if (isset($at[$later], $last[$first]) && $last[$first] > $at[$later]) {
                    $complaints[] = "{$later} relies on {$first}, which has not been proved";
                }
            }
        }

        return $complaints;
    }

    /** @return list<string> what is left fitted, open, off or up when the machine is started or driven */
    private function machine(array $walk, array $features): array
    {
        $complaints = [];
        $left = array_fill_keys(['artic_free', 'isolator_on', 'covers', 'prop_out', 'let_down'], false);
        $has = ['artic_free' => 'articulation_lock', 'isolator_on' => 'isolator', 'prop_out' => 'body_prop'];
        foreach ($walk as $step) {
            $state = $this->stages[$step['stage']]['state'];
            $alive = $state['engine'] !== 'stopped' || $state['park_brake'] === 'released';
            foreach ($left as $what => $isLeft) {
                $isSaid = array_filter(
                    $step['asked'],
                    static fn (string $line): bool => str_starts_with($line, $what) || (
                        $what === 'prop_out'
                        && str_starts_with($line, 'body_down')
                    ),
                ) !== [];
                $counts = ! isset($has[$what]) || in_array($has[$what], $features, true);
                $wanted = $alive || ($what === 'isolator_on' && $state['key'] === 'run');
                if ($isLeft && $counts && $wanted && ! $isSaid) {
                    $complaints[] = "{$step['stage']} is entered and nobody said {$what}";
                }
                $left[$what] = $isLeft && ! $isSaid;
            }
            $left['artic_free'] = $left['artic_free'] || $state['articulation'] === 'locked';
            $left['isolator_on'] = $left['isolator_on'] || $state['isolator'] === 'off';
            $left['prop_out'] = $left['prop_out'] || $state['posture'] === 'propped';
            $left['let_down'] = $left['let_down'] || $state['posture'] === 'held_up';
            $left['covers'] = $left['covers'] || $state['key'] === 'out';
            if (
                $state['controls'] === 'platform'
                && array_filter(
                    $step['asked'],
                    static fn (string $line): bool => str_starts_with($line, 'second_person'),
                ) === []
            ) {
                $complaints[] = "{$step['stage']} is entered and nobody stands below";
            }
        }

        return $complaints;
    }

    /**
     * @param array<string, list<string>> $applies
     * @param list<string> $features
     */
    private function applies(array $applies, array $features): bool
    {
        return array_diff($applies['all'] ?? [], $features) === []
            && (($applies['any'] ?? []) === [] || array_intersect($applies['any'], $features) !== [])
            && array_intersect($applies['none'] ?? [], $features) === [];
    }

    /**
     * Whether a machine that lifts people has what is checked; an added joystick of an excavator is on no platform.
     *
     * @param array<string, mixed> $check
     */
    private function isAskedOnPlatforms(array $check): bool
    {
        return $this->applies(['none' => []] + ($check['applies'] ?? []), $this->ofPlatforms);
    }
}
