<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('meter_readings', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->decimal('hours', 9, 1);
            $table->dateTime('at', 6);
            $table->foreignUuid('actor_id')->constrained('users');
            $table->index(['machine_id', 'at']);
        });
        Schema::create('service_records', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->string('point', 60);
            $table->date('done_on');
            $table->decimal('hours_in_all', 9, 1)->nullable();
            $table->decimal('was_due_at', 9, 1)->nullable();
            $table->date('was_due_on')->nullable();
            $table->string('words', 400);
            $table->foreignUuid('actor_id')->constrained('users');
            $table->index(['machine_id', 'point', 'done_on']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
