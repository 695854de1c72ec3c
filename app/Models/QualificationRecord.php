<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * That a person is qualified for something until a day, on what proof; a later record takes the place of an earlier
 * one.
 *
 * @property int $id
 * @property string $user_id
 * @property string $qualification
 * @property string $valid_until
 * @property string $proof
 * @property string|null $recorded_by_id
 * @property Carbon $recorded_at
 * @property-read User|null $recordedBy
 */
final class QualificationRecord extends Model
{
    protected $table = 'qualifications';

    public $timestamps = false;

    protected $fillable = ['user_id', 'qualification', 'valid_until', 'proof', 'recorded_by_id', 'recorded_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recorded_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function recordedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'recorded_by_id');
    }
}
