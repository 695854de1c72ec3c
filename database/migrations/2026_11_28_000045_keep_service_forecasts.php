<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('service_forecasts', static function (Blueprint $table): void {
            $table->foreignUuid('machine_id')->primary()->constrained();
            $table->foreignUuid('yard_id')->constrained();
            // The first day on which a point is likely due; none within sight.
            $table->date('next_day')->nullable();
            $table->boolean('clashes');
            $table->unsignedSmallInteger('not_known');
            $table->boolean('is_stale');
            $table->date('made_on');
            $table->string('catalogue_version', 64);
            $table->index(['yard_id', 'next_day']);
        });
        Schema::create('service_ahead', static function (Blueprint $table): void {
            $table->foreignUuid('machine_id')->constrained();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('point', 60);
            $table->date('day');
            $table->primary(['machine_id', 'point']);
            $table->index(['yard_id', 'day']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
