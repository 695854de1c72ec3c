<?php

declare(strict_types=1);

namespace App\Search;

use App\Catalogue\CatalogueRepository;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\User;
use App\Words;
use App\Yards\CurrentYard;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;

/**
 * Finds machines by number and serial, hirers by name, hires by folio and hirer, people by name, checks by their
 * title: the first few of each.
 */
final readonly class SearchYard
{
    private const OF_EACH = 8;

    public function __construct(
        private CatalogueRepository $shelf,
        private CurrentYard $yard,
        private ChecksByWords $checks,
    ) {
    }

    /** @return list<Hit> what was meant most likely first */
    public function __invoke(string $words): array
    {
        return $words === '' ? [] : [
            ...$this->machines($words),
            ...$this->hirers($words),
            ...$this->hires($words),
            ...$this->people($words),
            ...($this->checks)($words, self::OF_EACH),
        ];
    }

    /** @return list<Hit> */
    private function machines(string $words): array
    {
        $found = Machine::query()
            ->where(
                static fn (Builder $any) => $any
                    ->where('fleet_number', 'like', self::like($words).'%')
                    ->orWhere('serial', 'like', self::like($words).'%')
                    // Who types on keys for figures has no letters: "09" is E-09.
                    ->when(
                        ctype_digit($words),
                        static fn (Builder $digits) => $digits->orWhere('fleet_number', 'like', "%-{$words}%"),
                    ),
            )
            ->orderBy('fleet_number')
            ->limit(self::OF_EACH)
            ->get();

        return array_values($found->map(fn (Machine $one): Hit => new Hit(
            HitKind::Machine,
            $one->id,
            $one->fleet_number,
            $this->shelf->current()->model($one->model_id)->describes.', '.$one->serial,
        ))->all());
    }

    /** @return list<Hit> hirers, for those who may open their page */
    private function hirers(string $words): array
    {
        if (! Gate::allows('book')) {
            return [];
        }
        $found = Customer::named($words)->orderBy('name')->limit(self::OF_EACH)->get();

        return array_values($found->map(static fn (Customer $one): Hit => new Hit(
            HitKind::Hirer,
            $one->id,
            $one->name,
            Words::say('words.search.hirer'),
        ))->all());
    }

    /** @return list<Hit> */
    private function hires(string $words): array
    {
        $query = Hire::query()->with(['machine', 'customer', 'state']);
        if (preg_match('/^\d{1,9}$/D', $words) === 1) {
            $query->where('folio', (int) $words);
        } else {
            $query->whereHas(
                'customer',
                static fn (Builder $hirer) => $hirer->where('name', 'like', '%'.self::like($words).'%'),
            );
        }

        return array_values($query->orderByDesc('goes_out_at')->limit(self::OF_EACH)->get()
            ->map(fn (Hire $one): Hit => new Hit(
                HitKind::Hire,
                $one->machine_id,
                Words::say('words.search.folio', ['folio' => (string) $one->folio, 'hirer' => $one->customer->name]),
                $one->machine->fleet_number.', '.$one->goes_out_at->toImmutable()->setTimezone($this->yard->timezone())
                    ->format('Y-m-d'),
            ))->all());
    }

    /** @return list<Hit> */
    private function people(string $words): array
    {
        $found = User::query()->where(
            'name',
            'like',
            '%'.self::like($words).'%',
        )->whereNull('left_at')->orderBy('name')->limit(self::OF_EACH)->get();

        return array_values($found->map(static fn (User $one): Hit => new Hit(
            HitKind::Person,
            $one->id,
            $one->name,
            Words::say('words.role.'.$one->role->value),
        ))->all());
    }

    private static function like(string $words): string
    {
        return addcslashes($words, '%_\\');
    }
}
