<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\Customer;
use App\Models\Hire;

/** A hire as the office sees it. */
final readonly class PresentHire
{
    public function __construct(private PresentMachine $machine)
    {
    }

    /** @return array<string, mixed> */
    public function of(Hire $hire): array
    {
        $hire->loadMissing(['machine.state', 'machine.place', 'customer', 'state']);

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
