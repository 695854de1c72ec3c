<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('yards', static function (Blueprint $table): void {
            $table->string('phone', 40)->nullable();
        });
        Schema::table('photos', static function (Blueprint $table): void {
            // Nobody of the yard, where a hirer sent it.
            $table->uuid('uploaded_by_id')->nullable()->change();
        });
        Schema::create('hirer_links', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('yard_id')->constrained();
            $table->foreignUuid('hire_id')->constrained();
            $table->char('digest', 64)->unique();
            $table->foreignUuid('made_by_id')->constrained('users');
            $table->dateTime('made_at', 6);
            $table->dateTime('opened_at', 6)->nullable();
            $table->dateTime('revoked_at', 6)->nullable();
        });
        Schema::create('hirer_ticks', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->string('point', 60);
            $table->date('day');
            $table->boolean('is_done');
            $table->dateTime('said_at', 6);
            $table->unique(['hire_id', 'point', 'day']);
        });
        Schema::create('hirer_reports', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('yard_id')->constrained();
            $table->foreignUuid('hire_id')->constrained();
            $table->uuid('machine_id');
            $table->string('words', 2000);
            $table->string('runs', 10);
            $table->string('phone', 40)->nullable();
            $table->char('photo', 64)->nullable();
            $table->dateTime('reported_at', 6);
            $table->string('settled_how', 20)->nullable();
            $table->string('settled_words', 600)->nullable();
            $table->uuid('settled_by_id')->nullable();
            $table->dateTime('settled_at', 6)->nullable();
            $table->index(['yard_id', 'settled_at']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
