<?php

declare(strict_types=1);

namespace App\Yards;

use Illuminate\Contracts\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A row of a machine that a route names by its id: it is found only from the machine's own yard.
 *
 * @mixin Model
 */
trait ScopedByMachine
{
    public function resolveRouteBindingQuery($query, $value, $field = null): Builder
    {
        return parent::resolveRouteBindingQuery($query, $value, $field)->whereHas('machine');
    }
}
