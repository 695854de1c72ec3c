<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Features;

/** Which limits a machine with given features has to know. They are asked for, never guessed. */
final readonly class LimitsAsked
{
    public const WAIT = 'wait';

    private const ANGLE = 'stated_angle';

    private const LENGTH = 'stated_length';

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return array<string, AskedLimit> by name, in the order of the catalogue */
    public function of(Features $features): array
    {
        $asked = [];
        foreach ($this->catalogue->checks as $check) {
            foreach ($check->applies->holdsFor($features) ? $check->figures() : [] as $name) {
                $kind = str_ends_with($name, '_angle') ? self::ANGLE : self::LENGTH;
                $asked[$name] = ($asked[$name] ?? new AskedLimit($name, $kind, [$check->title]))->by($check->title);
            }
            if ($check->limits !== null && $check->applies->holdsFor($features)) {
                $asked[$check->limits] = isset($asked[$check->limits])
                    ? $asked[$check->limits]->by($check->title)
                    : new AskedLimit($check->limits, $check->answer->value, [$check->title]);
            }
        }
        foreach ($this->catalogue->stages as $stage) {
            foreach ($stage->linesFor($features) as $line) {
                if ($line->waitLimit !== null) {
                    $asked[$line->waitLimit] = (
                        $asked[$line->waitLimit] ?? new AskedLimit($line->waitLimit, self::WAIT, [$line->text])
                    )->by($line->text);
                }
            }
        }

        return $asked;
    }
}
