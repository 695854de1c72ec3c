<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A lock holds on one node only; what must not come twice is said by a key, which holds on all of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tags', static fn (Blueprint $table) => $table->uuid('yard_id')->nullable()->after('number'));
        DB::connection($this->getConnection())->statement(
            'UPDATE tags SET yard_id = (SELECT yard_id FROM machines WHERE machines.id = tags.machine_id)',
        );
        Schema::table('tags', static fn (Blueprint $table) => $table->unique(['yard_id', 'number']));
        Schema::table('audit_entries', static fn (Blueprint $table) => $table->unique(['yard_id', 'previous_hash']));
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
