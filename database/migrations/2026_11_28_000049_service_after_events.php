<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Service that is due after so many hires, a repair or another attachment; what is fitted to a machine. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('machine_attachments', static function (Blueprint $table): void {
            $table->foreignUuid('machine_id')->primary()->constrained();
            // Nothing is fitted where there is no name.
            $table->string('fitted', 80)->nullable();
            $table->dateTime('since', 6);
            $table->uuid('entry_id');
        });
        Schema::table('service_records', static function (Blueprint $table): void {
            // Records of an earlier release say the day only: they count from its noon.
            $table->dateTime('done_at', 6)->nullable();
        });
        Schema::table('service_intervals', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('hires')->default(0);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
