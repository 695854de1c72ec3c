<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('meter_changes', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('machine_id')->constrained();
            $table->decimal('counted_to', 10, 1);
            $table->decimal('began', 10, 1);
            $table->decimal('offset_hours', 10, 1);
            $table->dateTime('since', 6);
            $table->dateTime('at', 6);
            $table->index(['machine_id', 'at']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
