<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Hires\ContestedHires;
use App\Models\Customer;
use App\Models\Hire;

/** A hire as the office sees it. */
final readonly class PresentHire
{
    public function __construct(private PresentMachine $machine, private ContestedHires $contested)
    {
    }

    /** @return array<string, mixed> */
    public function of(Hire $hire): array
    {
        $hire->loadMissing([
            'machine.state',
            'machine.place',
            'customer',
            'state',
            'inPlaceOf.machine',
            'replacement.machine',
        ]);

        return [
            'id' => $hire->id,
            'folio' => $hire->folio,
            'machine' => $this->machine->row($hire->machine),
            'hirer' => self::hirer($hire->customer),
            'goes_out_at' => Moment::text($hire->goes_out_at),
            'comes_back_at' => Moment::text($hire->comes_back_at),
            'contact' => $hire->contact,
            'contact_phone' => $hire->contact_phone,
            'site' => $hire->site,
            'standing' => $hire->standing()->value,
            'cancelled_why' => $hire->cancelled_why,
            'hirer_is_known' => ! $hire->customer->is_nobody,
            'in_place_of' => self::other($hire->inPlaceOf),
            'replaced_by' => self::other($hire->replacement),
            'contested_with' => $this->contested->with($hire->id),
        ];
    }

    /** @return array{id: string, folio: int, fleet_number: string}|null */
    private static function other(?Hire $hire): ?array
    {
        return $hire === null ? null : [
            'id' => $hire->id,
            'folio' => $hire->folio,
            'fleet_number' => $hire->machine->fleet_number,
        ];
    }

    /** @return array<string, mixed> */
    public static function hirer(Customer $hirer): array
    {
        return [
            'id' => $hirer->id,
            'name' => $hirer->name,
            'phone' => $hirer->phone,
            'mail' => $hirer->mail,
            'address' => $hirer->address,
            'notes' => $hirer->notes,
        ];
    }
}
