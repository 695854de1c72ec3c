<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the office enters: machines, hirers and hires. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('machines', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('year')->nullable();
            $table->dateTime('left_at', 6)->nullable();
            $table->string('left_as', 20)->nullable();
        });
        Schema::table('customers', static function (Blueprint $table): void {
            $table->string('mail', 120)->nullable();
            $table->string('address', 300)->nullable();
            $table->text('notes')->nullable();
        });
        Schema::table('hires', static function (Blueprint $table): void {
            $table->string('contact', 120)->nullable();
            $table->string('contact_phone', 40)->nullable();
            $table->string('site', 300)->nullable();
            $table->dateTime('cancelled_at', 6)->nullable();
            $table->string('cancelled_why', 300)->nullable();
            $table->index(['machine_id', 'goes_out_at']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
