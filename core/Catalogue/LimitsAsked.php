<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Which limits a machine with given features has to know. They are asked for, never guessed. */
final readonly class LimitsAsked
{
    public const WAIT = 'wait';

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return array<string, AskedLimit> by name, in the order of the catalogue */
    public function of(Features $features): array
    {
        $asked = [];
        foreach ($this->catalogue->checks as $check) {
            if ($check->limits !== null && $check->applies->holdsFor($features)) {
                $asked[$check->limits] = isset($asked[$check->limits])
                    ? $asked[$check->limits]->by($check->title)
                    : new AskedLimit($check->limits, $check->answer->value, [$check->title]);
            }
        }
        foreach ($this->catalogue->stages as $stage) {
            foreach ($stage->linesFor($features) as $line) {
                if ($line->waitLimit !== null) {
                    $asked[$line->waitLimit] = ($asked[$line->waitLimit] ?? new AskedLimit($line->waitLimit, self::WAIT, [$line->text]))->by($line->text);
                }
            }
        }

        return $asked;
    }
}
