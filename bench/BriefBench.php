<?php

declare(strict_types=1);

namespace Bench;

use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;

/** brief_compose_ms: the whole briefing of each model. Floor: choosing its steps, in no order. */
final class BriefBench
{
    private const ROUNDS = 40;

    private const WANTED_MS = 5.0;

    /** @return iterable<Figure> */
    public function figures(Catalogue $catalogue): iterable
    {
        $compose = new ComposeBriefing($catalogue);
        $composed = $chosen = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($catalogue->models as $model) {
                $began = hrtime(true);
                $compose->for($model);
                $composed[] = (hrtime(true) - $began) / 1e6;
                $began = hrtime(true);
                $features = $catalogue->featuresOf($model);
                array_filter(
                    $catalogue->briefingSteps,
                    static fn (BriefingStep $step): bool => $step->applies->holdsFor($features),
                );
                $chosen[] = (hrtime(true) - $began) / 1e6;
            }
        }
        yield Figure::atMost(
            'brief_compose_ms.p95',
            Spread::of($composed)->percentile(95),
            'ms',
            Spread::of($chosen)->percentile(95),
            self::WANTED_MS,
        );
    }
}
