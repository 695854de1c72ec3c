<?php

declare(strict_types=1);

namespace App\Telematics;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Asks the provider for the fleet and takes in what it says, machine by machine.
 *
 * What came before the provider broke off is kept. Sent again, nothing is doubled.
 */
final readonly class PollTelematics
{
    private const POLLS_KEPT_DAYS = 30;

    public function __construct(private TelematicsProvider $provider, private TakeReport $take)
    {
    }

    public function __invoke(): PollResult
    {
        $machines = $taken = $aside = 0;
        $failure = null;
        try {
            foreach ($this->provider->snapshots() as $snapshot) {
                foreach ($snapshot->machines as $report) {
                    $machines++;
                    match (($this->take)($report, CarbonImmutable::now())) {
                        Taken::New => $taken++,
                        Taken::Aside => $aside++,
                        Taken::Known => null,
                    };
                }
            }
        } catch (ProviderFailed $failed) {
            $failure = mb_substr($failed->getMessage(), 0, 400);
        }
        $result = new PollResult($machines, $taken, $aside, $failure);
        $this->record($result);

        return $result;
    }

    private function record(PollResult $result): void
    {
        $now = CarbonImmutable::now();
        DB::table('telematics_polls')->insert([
            'at' => $now->format('Y-m-d H:i:s.u'),
            'failure' => $result->failure,
            'machines' => $result->machines,
            'taken' => $result->taken,
            'aside' => $result->aside,
        ]);
        DB::table('telematics_polls')
            ->where('at', '<', $now->subDays(self::POLLS_KEPT_DAYS)->format('Y-m-d H:i:s.u'))
            ->delete();
    }
}
