<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A machine may have a second hour meter, of its pump or under load: its readings and changes are its own. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['meter_readings', 'meter_changes'] as $table) {
            Schema::table($table, static function (Blueprint $table): void {
                $table->string('meter', 8)->default('main');
            });
        }
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
