<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\Machine;
use App\Models\TelematicsAside;
use App\Models\TelematicsContact;
use App\Models\TelematicsReport;
use App\Texts;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Telematics\MeterAgreement;
use JadeLedger\Core\Telematics\TimedHours;

/** What telematics says: of one machine, and of the fleet with what was put aside. */
final class PresentTelematics
{
    private const MOST_ASIDE = 200;

    private const MOST_MACHINES = 500;

    /** Reports that nobody sent again for so long are over. */
    private const ASIDE_DAYS = 14;

    /**
     * @param MeterPoint|null $read the meter as somebody read it last, in all
     * @return array<string, mixed>|null none of a machine that never reported
     */
    public static function ofMachine(string $machineId, ?MeterPoint $read): ?array
    {
        $contact = TelematicsContact::query()->find($machineId);
        $report = TelematicsReport::lastOf($machineId);
        if ($report === null) {
            return null;
        }
        $agreement = $read === null
            ? null
            : MeterAgreement::between(new TimedHours($read->hours, $read->at), $report->timed());

        return [
            'hours' => self::rounded($report->hours),
            'said_at' => Moment::text($contact->said_at ?? $report->at),
            'heard_at' => Moment::orNull($contact?->heard_at),
            'fuel_percent' => self::whole($contact?->fuel_percent),
            'exhaust_fluid_percent' => self::whole($contact?->exhaust_fluid_percent),
            'is_running' => $contact?->is_running,
            'apart' => $agreement === null || $agreement->holds()
                ? null
                : (string) $agreement->apart->decimal(1, RoundingMode::HALF_UP),
            'faults' => $contact->faults ?? [],
        ];
    }

    /** @return array<string, mixed> */
    public function ofFleet(): array
    {
        /** @var object{at: string, failure: string|null, machines: int, taken: int, aside: int}|null $poll */
        $poll = DB::table('telematics_polls')->orderByDesc('id')->first();
        $good = DB::table('telematics_polls')->whereNull('failure')->orderByDesc('id')->value('at');
        $machines = Machine::query()->whereNull('left_at')
            ->whereIn('id', TelematicsContact::query()->select('machine_id'))
            ->orderBy('fleet_number')->limit(self::MOST_MACHINES)->get();
        $contacts = TelematicsContact::query()->findMany($machines->pluck('id'))->keyBy('machine_id');
        $reports = TelematicsReport::lastOfEach(Texts::of($machines->pluck('id')));
        $aside = TelematicsAside::query()->with('machine')
            ->where('last_at', '>=', CarbonImmutable::now()->subDays(self::ASIDE_DAYS)->format('Y-m-d H:i:s.u'))
            // Of a machine of another yard nothing is said here; of one that nobody knows, everywhere.
            ->where(static fn ($query) => $query->whereNull('machine_id')->orWhereHas('machine'))
            ->orderByDesc('last_at')->limit(self::MOST_ASIDE)->get();

        return [
            'is_set' => config('jade.telematics.url') !== '',
            'last_poll' => $poll === null ? null : [
                'at' => self::moment($poll->at),
                'failure' => $poll->failure,
                'machines' => $poll->machines,
                'taken' => $poll->taken,
                'aside' => $poll->aside,
            ],
            'last_good_at' => $good === null ? null : self::moment((string) $good),
            'machines' => array_values($machines->map(
                static fn (Machine $machine): array => self::row(
                    $machine,
                    $contacts[$machine->id],
                    $reports->get($machine->id),
                ),
            )->all()),
            'aside' => array_values($aside->map(static fn (TelematicsAside $one): array => [
                'id' => $one->id,
                'machine_id' => $one->machine_id,
                'names' => $one->machine === null ? $one->names : $one->machine->fleet_number,
                'why' => $one->why->value,
                'said' => $one->said,
                'first_at' => Moment::text($one->first_at),
                'last_at' => Moment::text($one->last_at),
                'times' => $one->times,
            ])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(Machine $machine, TelematicsContact $contact, ?TelematicsReport $report): array
    {
        return [
            'machine_id' => $machine->id,
            'fleet_number' => $machine->fleet_number,
            'hours' => $report === null ? null : self::rounded($report->hours),
            'said_at' => Moment::orNull($contact->said_at),
            'fuel_percent' => self::whole($contact->fuel_percent),
            'is_running' => $contact->is_running,
            'faults' => $contact->faults,
        ];
    }

    private static function moment(string $at): string
    {
        return Moment::text(CarbonImmutable::parse($at, 'UTC'));
    }

    private static function rounded(string $hours): string
    {
        return (string) BigDecimal::of($hours)->toScale(1, RoundingMode::HALF_UP);
    }

    private static function whole(?string $percent): ?string
    {
        return $percent === null ? null : (string) BigDecimal::of($percent)->toScale(0, RoundingMode::HALF_UP);
    }
}
