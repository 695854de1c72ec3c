<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * What has to be looked at and tried again before a tag comes off after a repair.
 *
 * On a machine that lifts people everything: the whole pre-use inspection and the full function test. On any other the
 * lines that were mended, those that come after them, and every check that is due after a repair. Common practice, no
 * source.
 */
final readonly class DueAfterRepair
{
    private const LIFTS_PEOPLE = 'work_platform';

    public function __construct(private WalkPlan $plan, private Features $features)
    {
    }

    /**
     * @param list<string> $mended keys of lines
     * @return list<string> keys of lines, in walking order
     */
    public function of(array $mended): array
    {
        $checks = array_map(static fn (string $key): string => explode('@', $key)[0], $mended);
        $due = array_filter(
            $this->plan->lines(),
            fn (PlannedLine $line): bool => $this->features->has(self::LIFTS_PEOPLE) ||
                in_array($line->key, $mended, true) ||
                array_intersect($line->check->after, $checks) !== [] ||
                in_array(Occasion::AfterRepair, $line->check->dueOn($this->features), true),
        );

        return array_values(array_map(static fn (PlannedLine $line): string => $line->key, $due));
    }
}
