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
        Schema::create('catalogue_versions', function (Blueprint $table): void {
            $table->char('version', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->longText('body');
            $table->dateTime('created_at', 6);
        });
        Schema::create('ledger_entries', function (Blueprint $table): void {
            $table->id('position');
            $table->uuid('id')->unique();
            $table->foreignUuid('machine_id')->constrained();
            $table->unsignedInteger('sequence');
            $table->string('kind', 40);
            $table->foreignUuid('hire_id')->nullable()->constrained();
            $table->uuid('walk_id')->nullable()->index();
            $table->foreignUuid('actor_id')->constrained('users');
            $table->uuid('corrects')->nullable();
            // The text that was hashed, kept as it was: a JSON column would be free to write it in another way.
            $table->longText('body');
            $table->char('previous_hash', 64)->charset('ascii')->collation('ascii_bin');
            $table->char('hash', 64)->charset('ascii')->collation('ascii_bin');
            $table->dateTime('recorded_at', 6);
            $table->dateTime('received_at', 6);
            $table->unique(['machine_id', 'sequence']);
            $table->index(['hire_id', 'position']);
        });
        Schema::create('walk_plans', function (Blueprint $table): void {
            $table->uuid('walk_id')->primary();
            $table->char('catalogue_version', 64)->charset('ascii')->collation('ascii_bin');
            $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin');
            $table->longText('body');
            $table->dateTime('created_at', 6);
            $table->foreign('catalogue_version')->references('version')->on('catalogue_versions');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            $name = 'ledger_entries_no_'.strtolower($verb);
            DB::connection($this->getConnection())->unprepared(
                "CREATE TRIGGER {$name} BEFORE {$verb} ON ledger_entries FOR EACH ROW
                 SIGNAL SQLSTATE '45000' SET MYSQL_ERRNO = 1644, MESSAGE_TEXT = 'Ledger entries are never changed; strike with a new entry'"
            );
        }
    }

    public function down(): void
    {
        foreach (['walk_plans', 'ledger_entries', 'catalogue_versions'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
