<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a hire was promised on a tablet that had no network, and so did not know what was booked meanwhile. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('hires', static function (Blueprint $table): void {
            $table->dateTime('out_of_reach_at', 6)->nullable()->index();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
