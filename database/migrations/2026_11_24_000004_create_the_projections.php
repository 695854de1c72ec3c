<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Everything here can be dropped and rebuilt from ledger_entries; see App\Ledger\RebuildProjections.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('machine_states', function (Blueprint $table): void {
            $table->foreignUuid('machine_id')->primary()->constrained();
            $table->string('standing', 20);
            $table->decimal('smr_hours', 10, 1)->nullable();
            $table->dateTime('smr_at', 6)->nullable();
            $table->uuid('smr_entry_id')->nullable();
        });
        Schema::create('hire_states', function (Blueprint $table): void {
            $table->foreignUuid('hire_id')->primary()->constrained();
            $table->string('standing', 20);
            $table->uuid('out_walk_id')->nullable();
            $table->uuid('in_walk_id')->nullable();
            $table->dateTime('out_at', 6)->nullable();
            $table->dateTime('in_at', 6)->nullable();
            $table->dateTime('closed_at', 6)->nullable();
        });
        Schema::create('walks', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->foreignUuid('machine_id')->constrained();
            $table->string('movement', 20);
            $table->foreignUuid('opened_by_id')->constrained('users');
            $table->dateTime('opened_at', 6);
            $table->string('stage', 40)->nullable();
            $table->json('stages_entered');
            $table->string('decision', 30)->nullable();
            $table->json('conditions');
            $table->foreignUuid('decided_by_id')->nullable()->constrained('users');
            $table->dateTime('decided_at', 6)->nullable();
            $table->unique(['hire_id', 'movement']);
        });
        Schema::create('walk_lines', function (Blueprint $table): void {
            $table->uuid('walk_id');
            $table->string('key', 90);
            $table->string('check_id', 60);
            $table->unsignedSmallInteger('position');
            $table->string('severity', 10);
            $table->string('outcome', 10);
            $table->uuid('entry_id')->nullable();
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->json('judgement')->nullable();
            $table->decimal('value', 12, 3)->nullable();
            $table->string('unit', 12)->nullable();
            $table->foreignUuid('answered_by_id')->nullable()->constrained('users');
            $table->dateTime('answered_at', 6)->nullable();
            $table->primary(['walk_id', 'key']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->foreignUuid('hire_id')->constrained();
            $table->uuid('walk_id')->index();
            $table->string('movement', 20);
            $table->string('line', 90);
            $table->decimal('value', 12, 3);
            $table->string('unit', 12);
            $table->decimal('si_value', 24, 9);
            $table->boolean('is_valid');
            $table->boolean('is_struck')->default(false);
            $table->string('struck_because', 500)->nullable();
            $table->dateTime('struck_at', 6)->nullable();
            $table->json('payload');
            $table->json('judgement');
            $table->foreignUuid('actor_id')->constrained('users');
            $table->dateTime('recorded_at', 6);
            $table->index(['machine_id', 'line', 'recorded_at']);
        });
        Schema::create('findings', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->unsignedSmallInteger('number');
            $table->foreignUuid('machine_id')->constrained();
            $table->foreignUuid('hire_id')->constrained();
            $table->uuid('walk_id')->index();
            $table->string('movement', 20);
            $table->decimal('x_cm', 7, 1);
            $table->decimal('y_cm', 7, 1);
            $table->string('part', 60);
            $table->string('system', 30);
            $table->string('kind', 30);
            $table->string('degree', 30)->nullable();
            $table->unsignedInteger('size_mm')->nullable();
            $table->text('words');
            $table->json('photos');
            $table->string('line', 90)->nullable();
            $table->string('proposed_severity', 10);
            $table->string('proposed_because', 200);
            $table->string('severity', 10);
            $table->string('severity_reason', 500)->nullable();
            $table->boolean('is_struck')->default(false);
            $table->foreignUuid('actor_id')->constrained('users');
            $table->dateTime('recorded_at', 6);
            $table->index(['machine_id', 'is_struck']);
        });
        Schema::create('finding_sightings', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->uuid('finding_id')->index();
            $table->uuid('walk_id')->index();
            $table->unsignedInteger('size_mm')->nullable();
            $table->text('words');
            $table->json('photos');
            $table->boolean('is_struck')->default(false);
            $table->foreignUuid('actor_id')->constrained('users');
            $table->dateTime('recorded_at', 6);
        });
        Schema::create('tags', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->unsignedInteger('number');
            $table->foreignUuid('machine_id')->constrained();
            $table->foreignUuid('hire_id')->constrained();
            $table->uuid('walk_id')->index();
            $table->string('reference', 90)->nullable();
            $table->text('reason');
            $table->foreignUuid('hung_by_id')->constrained('users');
            $table->dateTime('hung_at', 6);
            $table->dateTime('lifted_at', 6)->nullable();
        });
        Schema::create('handovers', function (Blueprint $table): void {
            $table->uuid('walk_id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->json('steps_shown');
            $table->string('signed_name', 120)->nullable();
            $table->longText('signature')->nullable();
            $table->dateTime('signed_at', 6)->nullable();
        });
        Schema::create('spread_explanations', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->string('line', 90);
            $table->text('words');
            $table->foreignUuid('actor_id')->constrained('users');
            $table->dateTime('recorded_at', 6);
        });
    }

    public function down(): void
    {
        foreach (array_reverse(\App\Ledger\RebuildProjections::TABLES) as $table) {
            Schema::dropIfExists($table);
        }
    }
};
