<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('telematics_reports', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->dateTime('at', 6);
            $table->decimal('hours', 12, 4);
            $table->decimal('ran_hours', 12, 4);
            $table->boolean('ran_in_the_yard');
            $table->index(['machine_id', 'at']);
        });
        // What was heard last, and when: it is no record, and a poll writes it anew.
        Schema::create('telematics_contacts', static function (Blueprint $table): void {
            $table->foreignUuid('machine_id')->primary()->constrained();
            $table->dateTime('heard_at', 6);
            $table->dateTime('said_at', 6)->nullable();
            $table->decimal('fuel_percent', 7, 4)->nullable();
            $table->decimal('exhaust_fluid_percent', 7, 4)->nullable();
            $table->decimal('latitude', 9, 6)->nullable();
            $table->decimal('longitude', 9, 6)->nullable();
            $table->boolean('is_running')->nullable();
            $table->json('faults');
        });
        Schema::create('telematics_asides', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->nullable()->constrained();
            $table->string('names', 200);
            $table->string('why', 30);
            $table->string('said', 400);
            $table->dateTime('first_at', 6);
            $table->dateTime('last_at', 6)->index();
            $table->unsignedInteger('times');
            $table->char('same', 64)->unique();
        });
        Schema::create('telematics_polls', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at', 6);
            $table->string('failure', 400)->nullable();
            $table->unsignedInteger('machines');
            $table->unsignedInteger('taken');
            $table->unsignedInteger('aside');
        });
        Schema::table('findings', static function (Blueprint $table): void {
            $table->uuid('actor_id')->nullable()->change();
            $table->string('fault', 60)->nullable();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
