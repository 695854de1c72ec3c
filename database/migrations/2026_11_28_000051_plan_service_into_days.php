<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Service that somebody planned into a day of the yard; the record of the work ends the plan. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('service_plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('yard_id')->constrained();
            $table->foreignUuid('machine_id')->constrained();
            $table->string('point', 60);
            $table->date('day');
            $table->foreignUuid('planned_by_id')->constrained('users');
            $table->dateTime('planned_at', 6);
            $table->unique(['machine_id', 'point']);
            $table->index(['yard_id', 'day']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
