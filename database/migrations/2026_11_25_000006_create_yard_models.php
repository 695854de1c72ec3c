<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Appended to and never changed: the last body of a model counts, those before it stay legible.
        Schema::create('yard_models', function (Blueprint $table): void {
            $table->id();
            $table->string('model_id', 80);
            $table->json('body');
            $table->foreignUuid('kept_by_id')->constrained('users');
            $table->dateTime('kept_at', 6);
            $table->index(['model_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('yard_models');
    }
};
