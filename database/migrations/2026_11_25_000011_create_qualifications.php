<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was written before stays: the last row of a person and a qualification counts.
        Schema::create('qualifications', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('user_id')->constrained('users');
            $table->string('qualification', 60);
            $table->date('valid_until');
            $table->string('proof', 200);
            $table->foreignUuid('recorded_by_id')->nullable()->constrained('users');
            $table->dateTime('recorded_at', 6);
            $table->index(['user_id', 'qualification']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('qualifications');
    }
};
