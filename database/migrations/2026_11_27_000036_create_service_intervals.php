<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Appended to and never changed: the last one of a point counts, those before it stay legible.
        Schema::create('service_intervals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('model_id', 60);
            $table->string('point', 60);
            $table->unsignedInteger('hours')->nullable();
            $table->unsignedSmallInteger('months');
            $table->unsignedSmallInteger('days');
            $table->string('source', 200);
            $table->foreignUuid('set_by_id')->constrained('users');
            $table->dateTime('set_at', 6);
            $table->index(['yard_id', 'model_id', 'point', 'id']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
