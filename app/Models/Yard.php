<?php

declare(strict_types=1);

namespace App\Models;

use App\Setting;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A yard of the firm. What belongs to one is never seen from another: see App\Yards\BelongsToYard.
 *
 * @property string $id
 * @property string $name
 * @property string $place
 * @property string $timezone IANA name
 * @property string|null $phone that hirers ring, as it is dialled
 * @property string|null $currency by ISO 4217; none where nobody has said
 */
final class Yard extends Model
{
    use HasUuids;

    protected $table = 'yards';

    protected $fillable = ['name', 'place', 'timezone', 'phone', 'currency'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** The yard that the settings name, which is made when there is none. */
    public static function ofTheSettings(): self
    {
        return self::query()->orderBy('created_at')->first() ??
            self::query()->create([
                'name' => Setting::text('jade.yard.name'),
                'place' => Setting::text('jade.yard.place'),
                'timezone' => Setting::text('jade.yard.timezone'),
            ]);
    }
}
