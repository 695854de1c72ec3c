<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Beside who went round with paper and pen stands who entered the sheet; empty for what was said at a tablet. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('ledger_entries', static function (Blueprint $table): void {
            $table->uuid('entered_by')->nullable()->after('actor_name');
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
