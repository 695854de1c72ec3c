<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How far a rebuild of the projections has come: one row, which says nothing while none is under way. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rebuild_progress', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->unsignedBigInteger('position')->nullable();
            $table->dateTime('began_at', 6)->nullable();
        });
        DB::table('rebuild_progress')->insert(['id' => 1, 'position' => null, 'began_at' => null]);
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
