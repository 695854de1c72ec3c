<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Releases that were void before the machine left, and entries that decide nothing until the lead has looked. Both are
 * projections.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('walks', static function (Blueprint $table): void {
            $table->json('voided')->nullable();
        });
        Schema::create('doubtful_entries', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->uuid('walk_id')->index();
            $table->foreignUuid('actor_id')->constrained('users');
            $table->string('kind', 40);
            $table->string('stage', 40)->nullable();
            $table->json('doubts');
            $table->dateTime('recorded_at', 6);
            $table->unsignedInteger('sequence');
            $table->boolean('is_taken')->nullable()->index();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
