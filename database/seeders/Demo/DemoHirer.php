<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** What a hirer said from the page of a hire: the daily list, and a fault. */
final readonly class DemoHirer
{
    /** @return list<array{string, array<string, mixed>}> kind and payload of each entry */
    public static function saysOfTheTelehandler(): array
    {
        return [
            ['hirer.ticked', ['point' => 'svc-grease-pivots', 'answer' => 'done']],
            [
                'hirer.reported',
                [
                    'words' => 'The boom creaks when it goes in, and there is a drop of oil on the left hose.',
                    'runs' => 'stopped',
                    'phone' => '01632 960188',
                ],
            ],
        ];
    }
}
