<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The money of a yard, and what is charged for a line; a yard of before has said nothing yet. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('yards', static function (Blueprint $table): void {
            $table->char('currency', 3)->nullable();
        });
        Schema::table('spread_explanations', static function (Blueprint $table): void {
            $table->decimal('charge', 14, 4)->nullable();
            $table->char('currency', 3)->nullable();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
