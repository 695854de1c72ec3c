<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->dateTime('sessions_valid_from', 6)->nullable());
        // Pieces lie one by one where photos are kept, so that whichever node takes the next one finds those before it.
        Schema::table('photo_uploads', static fn (Blueprint $table) => $table->unsignedInteger('pieces')->default(0));
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
