<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Collection;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\WorkDone;

/**
 * A service point that was done.
 *
 * @property string $id of the entry
 * @property string $machine_id
 * @property string $point
 * @property string $done_on a day of the yard's calendar
 * @property string|null $done_at in UTC; none in records of an earlier release
 * @property string|null $hours_in_all by every meter that the machine had; none where it was never read
 * @property string|null $was_due_at hours in all
 * @property string|null $was_due_on
 * @property string $words
 * @property string $actor_id
 * @property-read User $actor
 */
final class ServiceRecord extends Projection
{
    protected $table = 'service_records';

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }

    /** @return Collection<int, self> the newest first */
    public static function ofMachine(string $machineId): Collection
    {
        return self::query()->with('actor')->where('machine_id', $machineId)
            ->orderByDesc('done_on')->orderByDesc('hours_in_all')->get();
    }

    public function work(): WorkDone
    {
        return new WorkDone(
            $this->point,
            CalendarDate::parse(substr($this->done_on, 0, 10)),
            self::hours($this->hours_in_all),
            self::hours($this->was_due_at),
            $this->was_due_on === null ? null : CalendarDate::parse(substr($this->was_due_on, 0, 10)),
            $this->done_at === null ? null : new \DateTimeImmutable($this->done_at, new \DateTimeZone('UTC')),
        );
    }

    private static function hours(?string $figure): ?Quantity
    {
        return $figure === null ? null : Quantity::of($figure, Unit::Hour);
    }
}
