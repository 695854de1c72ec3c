<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
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
        // Walks that were opened before are walked by whoever opened them.
        DB::table('walk_people')->insertUsing(
            ['walk_id', 'user_id', 'joined_at'],
            DB::table('walks')->select('id', 'opened_by_id', 'opened_at'),
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('walk_people');
    }
};
