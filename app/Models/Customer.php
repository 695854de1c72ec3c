<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property string $name
 */
final class Customer extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $fillable = ['yard_id', 'name'];
}
