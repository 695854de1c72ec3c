<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('calendar_feeds', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('name', 60);
            // Only what a token comes to is kept: a copy of the database opens no calendar.
            $table->char('digest', 64)->unique();
            $table->foreignUuid('made_by_id')->constrained('users');
            $table->dateTime('made_at', 6);
            $table->dateTime('read_at', 6)->nullable();
            $table->dateTime('revoked_at', 6)->nullable();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
