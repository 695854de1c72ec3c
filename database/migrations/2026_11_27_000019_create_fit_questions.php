<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('fit_questions', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->uuid('walk_id')->index();
            $table->string('line', 90);
            $table->string('words', 500);
            $table->foreignUuid('actor_id')->constrained('users');
            $table->dateTime('recorded_at', 6);
            $table->unsignedInteger('sequence');
            $table->boolean('is_fitted')->nullable()->index();
        });
    }
};
