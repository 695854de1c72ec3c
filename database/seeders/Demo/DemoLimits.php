<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** What was said of a site, which limits were set for the hire, and who was seen to operate it. */
final readonly class DemoLimits
{
    /** @return list<array{string, array<string, mixed>}> kind and payload of each entry */
    public static function ofTheTelehandler(): array
    {
        return [
            [
                'site.answered',
                [
                    'answers' => [
                        'lines' => 'no',
                        'slope' => 'no',
                        'soft' => 'yes',
                        'indoors' => 'no',
                        'people' => 'yes',
                        'water' => 'unknown',
                    ],
                ],
            ],
            [
                'limits.set',
                [
                    'sheet' => 'load-chart',
                    'inputs' => [
                        'job_out' => ['value' => '1.8'],
                        'job_up' => ['value' => '3.5'],
                        'load' => ['value' => '1400'],
                    ],
                ],
            ],
            [
                'operator.recorded',
                [
                    'name' => 'Corin Vale',
                    'category' => 'telehandler',
                    'number' => 'TH 20417',
                    'issuer' => 'Wennet Training',
                    'valid_until' => '2028-06-30',
                    'inspection_on' => '2025-06-28',
                    'course_on' => '2025-06-30',
                    'evaluator' => 'P. Orwin, site manager',
                    'own_code' => false,
                ],
            ],
        ];
    }
}
