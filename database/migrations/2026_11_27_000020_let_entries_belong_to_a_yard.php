<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Entries of the yard itself have a chain of their own, and parts of the application post, too. What was written before
 * is not touched: the columns that are added are empty for it, or follow from those that were there.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('ledger_entries', static function (Blueprint $table): void {
            $table->uuid('machine_id')->nullable()->change();
            $table->uuid('actor_id')->nullable()->change();
            $table->foreignUuid('yard_id')->nullable()->after('machine_id')->constrained();
            $table->string('actor_kind', 12)->nullable()->after('actor_id');
            $table->string('actor_name', 60)->nullable()->after('actor_kind');
        });
        $entries = DB::connection($this->getConnection());
        $entries->unprepared('ALTER TABLE ledger_entries
            ADD COLUMN chain_id uuid AS (coalesce(machine_id, yard_id)) PERSISTENT AFTER yard_id,
            ADD UNIQUE ledger_entries_chain_sequence (chain_id, sequence),
            ADD CONSTRAINT ledger_entries_one_place CHECK ((machine_id IS NULL) <> (yard_id IS NULL)),
            ADD CONSTRAINT ledger_entries_one_actor CHECK ((actor_id IS NULL) <> (actor_name IS NULL))');
        Schema::create('machine_places', static function (Blueprint $table): void {
            $table->foreignUuid('machine_id')->primary()->constrained();
            $table->string('bay', 40);
            $table->dateTime('since', 6);
            $table->uuid('entry_id');
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
