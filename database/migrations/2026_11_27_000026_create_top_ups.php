<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('top_ups', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->string('line', 90);
            $table->string('fluid', 80);
            $table->decimal('litres', 8, 3);
            $table->dateTime('at', 6);
            $table->index(['machine_id', 'line', 'at']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
