<?php

declare(strict_types=1);

namespace Bench;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Limits\Sheet\Entered;
use JadeLedger\Core\Limits\Sheet\LimitSheet;
use JadeLedger\Core\Limits\Sheet\SheetInputs;

/** limits_ms: every sheet of a machine, with the figures of its worked example. Floor: reading those figures. */
final class LimitsBench
{
    private const ROUNDS = 40;

    private const WANTED_MS = 10.0;

    /** @return iterable<Figure> */
    public function figures(Catalogue $catalogue): iterable
    {
        $computed = $read = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($catalogue->models as $model) {
                $features = $catalogue->featuresOf($model);
                $sheets = array_filter(
                    $catalogue->limitSheets,
                    static fn (LimitSheet $sheet): bool => $sheet->applies->holdsFor($features),
                );
                $charts = array_filter(['reach' => $model->plate?->reach, 'zones' => $model->plate?->loads]);
                $began = hrtime(true);
                $inputs = array_map(static fn (LimitSheet $sheet): SheetInputs => new SheetInputs(
                    $sheet,
                    self::entered($sheet),
                    $charts,
                ), $sheets);
                $read[] = (hrtime(true) - $began) / 1e6;
                $began = hrtime(true);
                foreach ($sheets as $at => $sheet) {
                    $sheet->compute($inputs[$at]);
                }
                $computed[] = (hrtime(true) - $began) / 1e6;
            }
        }
        yield Figure::atMost(
            'limits_ms.p95',
            Spread::of($computed)->percentile(95),
            'ms',
            Spread::of($read)->percentile(95),
            self::WANTED_MS,
        );
    }

    /** @return array<string, Entered> */
    private static function entered(LimitSheet $sheet): array
    {
        $entered = [];
        foreach ($sheet->example as $name => $value) {
            $entered[$name] = new Entered($value, $sheet->field($name)->unit);
        }

        return $entered;
    }
}
