<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('hire_site_answers', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->string('question', 40);
            $table->string('answer', 10);
            $table->uuid('entry_id');
            $table->dateTime('said_at', 6);
            $table->uuid('said_by_id')->nullable();
            $table->unique(['hire_id', 'question']);
        });
        Schema::create('hire_limits', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->string('sheet', 60);
            $table->string('title', 60);
            $table->uuid('machine_id');
            $table->json('inputs');
            $table->json('result');
            $table->dateTime('set_at', 6);
            $table->uuid('set_by_id')->nullable();
            $table->unique(['hire_id', 'sheet']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
