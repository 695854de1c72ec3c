<?php

declare(strict_types=1);

namespace App\Presenters;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\SerialChoices;
use JadeLedger\Core\Walk\Crossing;
use JadeLedger\Core\Walk\DivideStop;
use JadeLedger\Core\Walk\Leaf;
use JadeLedger\Core\Walk\LeafDrawing;
use JadeLedger\Core\Walk\LeafItem;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\Shortcut;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * The pages of a walk, how each thing on them is answered, and which conditions of readings want a figure.
 *
 * Said beside the plan and not kept with it: a walk that an older release opened is divided as well.
 */
final class PresentLeaves
{
    /**
     * @param array<string, mixed> $written a plan as PresentPlan writes it
     * @param string $serial of the machine, by the record
     * @return array<string, mixed> the same with its pages
     */
    public static function in(
        array $written,
        WalkPlan $plan,
        Catalogue $catalogue,
        MachineModel $model,
        string $serial,
    ): array {
        /**
         * @var array{conditions: list<array{id: string}>, visits: list<array<string, mixed>>,
         *     stages: list<array{id: string, lines: list<array{id: string}>}>} $body
         */
        $body = $written;
        foreach ($body['conditions'] as $at => $condition) {
            $body['conditions'][$at]['wants_figure'] = $catalogue->condition($condition['id'])->wantsFigure;
        }
        $alone = [];
        foreach ($plan->crossings as $crossing) {
            $alone[$crossing->stage->id] = self::alone($crossing);
        }
        $divide = new DivideStop;
        $serials = SerialChoices::of($serial)->choices;
        $features = $catalogue->featuresOf($model);
        foreach ($body['stages'] as $at => $stage) {
            foreach ($stage['lines'] as $number => $line) {
                $body['stages'][$at]['lines'][$number]['alone'] = in_array($line['id'], $alone[$stage['id']], true);
            }
        }
        foreach ($plan->visits as $at => $visit) {
            $body['visits'][$at]['leaves'] = array_map(
                static fn (Leaf $leaf): array => self::leaf($leaf, $plan->movement, $serials) + [
                    'drawing' => self::drawing(LeafDrawing::of($leaf, $catalogue->closeUps, $features)),
                ],
                $divide->into($visit),
            );
        }

        return array_replace($written, $body);
    }

    /** @return list<string> ids of the lines that are confirmed one by one; whoever has to wait starts a clock first */
    private static function alone(Crossing $crossing): array
    {
        $ids = [];
        foreach ($crossing->lines as $line) {
            if ($line->isTouchedAlone || $line->waitSeconds > 0) {
                $ids[] = $line->id;
            }
        }

        return $ids;
    }

    /** @return array<string, mixed>|null */
    private static function drawing(?LeafDrawing $drawing): ?array
    {
        return $drawing === null ? null : [
            'name' => $drawing->drawing,
            'mirrored' => $drawing->isMirrored,
            'anchors' => (object) $drawing->anchors,
        ];
    }

    /**
     * @param list<string> $serials among which the plate's is found
     * @return array<string, mixed>
     */
    private static function leaf(Leaf $leaf, Movement $movement, array $serials): array
    {
        $item = static fn (LeafItem $item): array => [
            'line' => $item->line->key, 'step' => $item->step, 'alone' => $item->isAlone,
        ];
        $key = static fn (PlannedLine $line): string => $line->key;

        return [
            'lines' => array_map($key, $leaf->lines),
            'each' => array_map($item, $leaf->each),
            'opened' => array_map(static function (PlannedLine $line) use ($movement, $serials): array {
                $shortcut = Shortcut::of($line->check, $movement);
                $isFound = $shortcut === Shortcut::OneOfThree;

                return [
                    'line' => $line->key,
                    'shortcut' => $isFound && $serials === [] ? null : $shortcut?->value,
                    'choices' => $isFound ? $serials : [],
                ];
            }, $leaf->opened),
            'together' => array_map($item, $leaf->together),
        ];
    }
}
