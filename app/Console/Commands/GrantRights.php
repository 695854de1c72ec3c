<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Setting;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Gives the application's database user what each table needs, and no more. Runs after the migrations, as the owner.
 */
final class GrantRights extends Command
{
    /** Rows that are added and never changed. */
    private const APPENDED = [
        'ledger_entries',
        'audit_entries',
        'walk_plans',
        'catalogue_versions',
        'qualifications',
        'machine_papers',
        'service_intervals',
        'model_plates',
        'step_notes',
    ];

    /** Rows that are changed and never taken away. */
    private const KEPT = [
        'machines',
        'users',
        'yards',
        'customers',
        'hires',
        'yard_models',
        'house_rule_choices',
        'tablets',
        'calendar_feeds',
        'hirer_links',
        'verification_reports',
    ];

    protected $signature = 'database:grant {--database=owner : the connection of the owner}';

    protected $description = 'Give the application its rights on each table';

    public function handle(): int
    {
        $owner = DB::connection(is_string($this->option('database')) ? $this->option('database') : 'owner');
        $schema = $owner->getDatabaseName();
        $user = $owner->getPdo()->quote(Setting::text('database.connections.mariadb.username')).'@'
            .$owner->getPdo()->quote(Setting::text('jade.database_user_host'));
        // A right on the whole schema cannot be taken away for one table: there is none.
        $owner->unprepared("grant select on `{$schema}`.* to {$user}");
        $owner->unprepared("revoke all privileges on `{$schema}`.* from {$user}");
        foreach ($owner->getSchemaBuilder()->getTableListing($schema, false) as $table) {
            $rights = match (true) {
                in_array($table, self::APPENDED, true) => 'select, insert',
                in_array($table, self::KEPT, true) => 'select, insert, update',
                default => 'select, insert, update, delete',
            };
            $owner->unprepared("grant {$rights} on `{$schema}`.`{$table}` to {$user}");
        }
        $this->line('The application may add to the ledger and what it rests on, and change neither.');

        return self::SUCCESS;
    }
}
