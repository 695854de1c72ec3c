<?php

declare(strict_types=1);

namespace App\Transfer;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What belongs to a yard and follows from nothing else, in an order in which each row finds those that it names.
 * What follows from the ledger is made again; tablets, uploads and sessions stay with their installation.
 */
enum YardTable: string
{
    case Yards = 'yards';
    case Users = 'users';
    case Qualifications = 'qualifications';
    case HouseRuleChoices = 'house_rule_choices';
    case YardModels = 'yard_models';
    case ServiceIntervals = 'service_intervals';
    case ModelPlates = 'model_plates';
    case LearnedPaces = 'learned_paces';
    case Customers = 'customers';
    case StepNotes = 'step_notes';
    case Machines = 'machines';
    case MachinePapers = 'machine_papers';
    case ServicePlans = 'service_plans';
    case Hires = 'hires';
    case Photos = 'photos';
    case CatalogueVersions = 'catalogue_versions';
    case WalkPlans = 'walk_plans';
    case LedgerEntries = 'ledger_entries';
    case AuditEntries = 'audit_entries';

    /** The rows of one yard, always in the same order. */
    public function rowsOf(string $yardId): Builder
    {
        $rows = DB::table($this->value);

        return match ($this) {
            self::Yards => $rows->where('id', $yardId),
            self::Qualifications => $rows->whereIn('user_id', self::idsOf(self::Users, $yardId))->orderBy('id'),
            self::MachinePapers => $rows->whereIn('machine_id', self::idsOf(self::Machines, $yardId))->orderBy('id'),
            self::WalkPlans => $rows->whereIn('walk_id', self::walksOf($yardId))->orderBy('walk_id'),
            self::CatalogueVersions => $rows->whereIn(
                'version',
                DB::table('walk_plans')->whereIn('walk_id', self::walksOf($yardId))->select('catalogue_version'),
            )->orderBy('version'),
            self::LedgerEntries => self::entriesOf($yardId, $rows)->orderBy('position'),
            self::LearnedPaces => $rows->where('yard_id', $yardId)->orderBy('family'),
            self::Photos => $rows->where('yard_id', $yardId)->orderBy('sha256'),
            // Those that are kept stand before those that were merged into them.
            self::Customers => $rows->where('yard_id', $yardId)->orderByRaw(
                'merged_into_id is not null',
            )->orderBy('id'),
            default => $rows->where('yard_id', $yardId)->orderBy('id'),
        };
    }

    /** @return list<string> columns that do not leave: secrets, and what the database works out itself */
    public function leftOut(): array
    {
        return match ($this) {
            self::Users => [
                'password', 'remember_token', 'pin', 'pin_tries', 'totp_secret', 'totp_pending', 'totp_step',
            ],
            self::LedgerEntries => ['seal', 'chain_id'],
            default => [],
        };
    }

    private static function idsOf(self $table, string $yardId): Builder
    {
        return DB::table($table->value)->where('yard_id', $yardId)->select('id');
    }

    private static function walksOf(string $yardId): Builder
    {
        return self::entriesOf($yardId, DB::table('ledger_entries'))->whereNotNull('walk_id')->select('walk_id');
    }

    /** An entry belongs to a machine, or to the yard itself. */
    private static function entriesOf(string $yardId, Builder $entries): Builder
    {
        return $entries->where(static fn (Builder $either) => $either->where('yard_id', $yardId)
            ->orWhereIn('machine_id', self::idsOf(self::Machines, $yardId)));
    }
}
