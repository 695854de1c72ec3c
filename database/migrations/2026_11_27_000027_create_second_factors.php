<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            // Encrypted with the application's key: a copy of the database opens nothing.
            $table->text('totp_secret')->nullable();
            $table->text('totp_pending')->nullable();
            $table->unsignedBigInteger('totp_step')->default(0);
            $table->dateTime('second_factor_due_at', 6)->nullable();
        });
        Schema::create('recovery_codes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('user_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64);
            $table->dateTime('used_at', 6)->nullable();
            $table->index(['user_id', 'hash']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
