<?php

declare(strict_types=1);

namespace App\Limits;

use App\Contract\JsonObject;
use JadeLedger\Core\Limits\Sheet\Entered;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnknownUnit;

/** What somebody typed into a sheet, as it is sent: by field a value, and a unit where it is not the field's. */
final class EnteredInputs
{
    /**
     * @return array<string, Entered>
     *
     * @throws UnknownUnit
     */
    public static function read(JsonObject $inputs): array
    {
        $entered = [];
        foreach ($inputs->names() as $name) {
            $one = $inputs->object($name);
            $unit = $one->optionalString('unit');
            $entered[$name] = new Entered($one->string('value'), $unit === null ? null : Unit::named($unit));
        }

        return $entered;
    }
}
