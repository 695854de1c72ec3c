<?php

declare(strict_types=1);

namespace Bench;

use App\Keys\EntrySeal;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Ledger\HashChain;

/**
 * A ledger of years: the chains of the demo yard's machines again and again, each under names of its own and chained
 * and sealed anew, so that verification and rebuild meet what a real one holds.
 *
 * @phpstan-type Template array{machine: \stdClass, hires: list<\stdClass>, plans: list<\stdClass>,
 *     entries: list<\stdClass>}
 */
final class LargeLedger
{
    private const ROWS_AT_ONCE = 500;

    private const DAYS_AGO = 100;

    /** Kinds whose figures are unique in a yard: a machine that has one of them is not repeated. */
    private const ONCE_IN_A_YARD = ['tag.hung', 'telematics.reported', 'hirer.reported', 'hirer.ticked', 'limits.set'];

    private int $folio;

    private int $machines = 0;

    public function __construct(private readonly EntrySeal $seal)
    {
        $this->folio = 100_000;
    }

    /** @return int how many machines it took */
    public function grow(int $entries): int
    {
        $templates = $this->templates();
        $written = DB::table('ledger_entries')->count();
        while ($written < $entries) {
            $written += $this->repeat($templates[$this->machines % count($templates)]);
        }

        return $this->machines;
    }

    /** @return non-empty-list<Template> */
    private function templates(): array
    {
        $unique = DB::table('ledger_entries')->whereIn('kind', self::ONCE_IN_A_YARD)->pluck('machine_id');
        // Thousands that are on the way at one time are no yard.
        $underWay = DB::table('walks')->whereNull('decision')->pluck('machine_id');
        $machines = DB::table('ledger_entries')->whereNotNull('machine_id')
            ->whereNotIn('machine_id', $unique->concat($underWay)->all())
            ->distinct()->pluck('machine_id')->all();
        $templates = array_map(static fn (string $machine): array => [
            'machine' => DB::table('machines')->where('id', $machine)->sole(),
            'hires' => DB::table('hires')->where('machine_id', $machine)->get()->all(),
            'plans' => DB::table('walk_plans')->whereIn(
                'walk_id',
                DB::table('ledger_entries')->where('machine_id', $machine)->select('walk_id'),
            )->get()->all(),
            'entries' => DB::table('ledger_entries')->where('machine_id', $machine)->orderBy('sequence')->get()->all(),
        ], $machines);

        return $templates === [] ? throw new \LogicException('The demo yard has no chain to repeat.') : $templates;
    }

    private static function longAgo(string $moment): string
    {
        return CarbonImmutable::parse($moment, 'UTC')->subDays(self::DAYS_AGO)->format('Y-m-d H:i:s.u');
    }

    /** @param  Template  $template */
    private function repeat(array $template): int
    {
        $this->machines++;
        $ids = [
            $template['machine']->id,
            ...array_column($template['hires'], 'id'),
            ...array_column($template['plans'], 'walk_id'),
            ...array_column($template['entries'], 'id'),
        ];
        // Both in the order in which they were made: later ids are larger.
        sort($ids);
        $named = array_combine($ids, array_map(static fn (): string => (string) Str::uuid7(), $ids));
        $again = static fn (\stdClass $row, array $other): array => $other + array_map(
            static fn (mixed $value): mixed => $named[$value ?? ''] ?? $value,
            (array) $row,
        );
        DB::transaction(function () use ($template, $named, $again): void {
            DB::table('machines')->insert($again($template['machine'], [
                'fleet_number' => "C-{$this->machines}",
                'serial' => "AGAIN{$this->machines}",
            ]));
            DB::table('hires')->insert(array_map(
                fn (\stdClass $hire): array => $again($hire, [
                    'folio' => ++$this->folio,
                    'goes_out_at' => self::longAgo($hire->goes_out_at),
                    'comes_back_at' => self::longAgo($hire->comes_back_at),
                ]),
                $template['hires'],
            ));
            DB::table('walk_plans')->insert(array_map(
                static fn (\stdClass $plan): array => $again($plan, []),
                $template['plans'],
            ));
            $bodies = explode("\n", strtr(implode("\n", array_column($template['entries'], 'body')), $named));
            $previous = HashChain::GENESIS;
            $rows = [];
            foreach ($template['entries'] as $n => $entry) {
                $body = str_replace("\"{$entry->previous_hash}\"", "\"{$previous}\"", $bodies[$n]);
                $hash = HashChain::hash($body);
                $row = $again($entry, [
                    'body' => $body, 'previous_hash' => $previous, 'hash' => $hash, 'seal' => $this->seal->of($hash),
                ]);
                unset($row['position'], $row['chain_id']);
                $rows[] = $row;
                $previous = $hash;
            }
            foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
                DB::table('ledger_entries')->insert($some);
            }
        });

        return count($template['entries']);
    }
}
