<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property string $name
 * @property string|null $phone as it is dialled
 * @property string|null $mail
 * @property string|null $address
 * @property string|null $notes
 */
final class Customer extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $fillable = ['yard_id', 'name', 'phone', 'mail', 'address', 'notes'];
}
