<?php

declare(strict_types=1);

namespace App\Models;

use App\Audit\AuditKind;
use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One line of the audit trail. The database refuses to change or remove it.
 *
 * @property int $id
 * @property string $yard_id
 * @property AuditKind $kind
 * @property string|null $actor_id
 * @property string $subject
 * @property array<string, mixed> $before
 * @property array<string, mixed> $after
 * @property string|null $address from which the request came
 * @property Carbon $at
 * @property-read User|null $actor
 */
final class AuditEntry extends Model
{
    use BelongsToYard;

    protected $table = 'audit_entries';

    public $timestamps = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => AuditKind::class, 'before' => 'array', 'after' => 'array', 'at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
