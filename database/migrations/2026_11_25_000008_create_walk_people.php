<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A projection: who walks a walk, the one with the key first.
        Schema::create('walk_people', function (Blueprint $table): void {
            $table->uuid('walk_id');
            $table->foreignUuid('user_id')->constrained('users');
            $table->dateTime('joined_at', 6);
            $table->primary(['walk_id', 'user_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('walk_people');
    }
};
