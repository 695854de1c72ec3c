<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Models\QualificationRecord;
use App\Models\User;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\People\Qualification;

/** The people of the yard, and until when each is qualified for what. */
final readonly class PresentPeople
{
    public function __construct(private CatalogueRepository $shelf, private CurrentYard $yard)
    {
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        $records = QualificationRecord::query()->with('recordedBy')->orderBy('id')->get()->groupBy('user_id');
        $today = CalendarDate::parse(CarbonImmutable::now($this->yard->timezone())->format('Y-m-d'));

        return [
            'qualifications' => array_map(
                static fn (Qualification $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'source' => PresentSource::of($one->source),
                ],
                $this->shelf->current()->qualifications,
            ),
            'people' => array_values(
                User::query()
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn (User $user): array => PresentPerson::of($user) + [
                            'role' => $user->role->value,
                            'is_on_shift' => $user->is_on_shift,
                            'has_left' => $user->left_at !== null,
                            'has_pin' => $user->pin !== null,
                            'may_stand_by' => $user->role->standsBy() && $user->left_at === null,
                            'may_walk' => $user->role->walks() && $user->left_at === null,
                            'qualified' => self::heldOf($records->get($user->id, new Collection()), $today),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * @param Collection<int, QualificationRecord> $records
     * @return list<array<string, mixed>> of each qualification what was recorded last
     */
    private static function heldOf(Collection $records, CalendarDate $today): array
    {
        return array_values(
            $records
                ->keyBy('qualification')
                ->map(static function (QualificationRecord $record) use ($today): array {
                    $until = CalendarDate::parse(substr($record->valid_until, 0, 10));

                    return [
                        'id' => $record->qualification,
                        'valid_until' => $until->text(),
                        'days_left' => $today->daysUntil($until),
                        'proof' => $record->proof,
                        'recorded_by' => PresentPerson::orNull($record->recordedBy),
                        'recorded_at' => Moment::text($record->recorded_at),
                    ];
                })->all());
    }
}
