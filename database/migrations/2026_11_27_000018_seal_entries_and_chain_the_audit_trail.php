<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        $hash = static fn (Blueprint $table, string $name) => $table->char($name, 64)
            ->charset('ascii')
            ->collation('ascii_bin')
            ->nullable();
        Schema::table('ledger_entries', static fn (Blueprint $table) => $hash($table, 'seal'));
        Schema::table('photos', static fn (Blueprint $table) => $hash($table, 'thumbnail_sha256'));
        Schema::table('audit_entries', static function (Blueprint $table) use ($hash): void {
            $hash($table, 'previous_hash');
            $hash($table, 'hash');
        });
        Schema::create('verification_reports', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at', 6);
            $table->boolean('holds');
            $table->unsignedBigInteger('entries');
            $table->json('faults');
        });
        // What entries rest on is added to and never changed, as the ledger is.
        foreach (['walk_plans', 'catalogue_versions', 'qualifications'] as $table) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                $name = "{$table}_no_".strtolower($verb);
                DB::connection($this->getConnection())
                    ->unprepared("CREATE TRIGGER {$name} BEFORE {$verb} ON {$table} FOR EACH ROW
                    SIGNAL SQLSTATE '45000' SET MYSQL_ERRNO = 1644, MESSAGE_TEXT = 'Rows of {$table} are never changed; write another one'");
            }
        }
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
