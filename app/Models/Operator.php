<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\People\OperatorCategory;
use JadeLedger\Core\People\OperatorRecord;

/**
 * What was seen last of somebody who operates machines of a category for a hirer.
 *
 * @property string $id of the entry
 * @property string $customer_id
 * @property string $same the name in small letters, by which somebody is found again
 * @property string $name
 * @property string $category
 * @property string $issuer
 * @property string $number
 * @property string|null $valid_until
 * @property string|null $inspection_on
 * @property string|null $course_on
 * @property string $evaluator
 * @property bool $has_own_code
 * @property string|null $photo of the proof
 * @property Carbon $recorded_at
 * @property string|null $recorded_by_id
 * @property-read User|null $recordedBy
 */
final class Operator extends Projection
{
    protected $table = 'operators';

    /** @return BelongsTo<User, $this> */
    public function recordedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'recorded_by_id');
    }

    public function recordFor(OperatorCategory $category): OperatorRecord
    {
        return new OperatorRecord(
            $category,
            self::day($this->valid_until),
            self::day($this->inspection_on),
            self::day($this->course_on),
        );
    }

    private static function day(?string $text): ?CalendarDate
    {
        return $text === null ? null : CalendarDate::parse($text);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['has_own_code' => 'boolean', 'recorded_at' => 'datetime'];
    }
}
