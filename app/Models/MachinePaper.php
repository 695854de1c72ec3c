<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A paper of a machine as the office recorded it.
 *
 * @property int $id
 * @property string $machine_id
 * @property PaperKind $kind
 * @property string|null $number
 * @property CarbonImmutable|null $issued_on
 * @property CarbonImmutable|null $valid_until the last day on which it counts; none of a paper that does not end
 * @property list<string>|null $photos digests of its pages
 * @property string $recorded_by_id
 * @property CarbonImmutable $recorded_at
 */
final class MachinePaper extends Model
{
    protected $table = 'machine_papers';

    public $timestamps = false;

    protected $fillable = [
        'machine_id',
        'kind',
        'number',
        'issued_on',
        'valid_until',
        'photos',
        'recorded_by_id',
        'recorded_at',
    ];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => PaperKind::class, 'issued_on' => 'immutable_date:Y-m-d', 'valid_until' => 'immutable_date:Y-m-d',
            'recorded_at' => 'immutable_datetime', 'photos' => 'array',
        ];
    }

    /** @return list<self> the last one of each kind */
    public static function ofMachine(string $machineId): array
    {
        return array_values(self::query()->where('machine_id', $machineId)->orderBy('id')->get()
            ->keyBy(static fn (self $paper): string => $paper->kind->value)->all());
    }
}
