<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('model_plates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('model_id', 80);
            $table->json('figures');
            $table->json('reach')->nullable();
            $table->json('load_zones')->nullable();
            $table->string('source', 240);
            $table->foreignUuid('set_by_id')->constrained('users');
            $table->dateTime('set_at', 6);
            $table->index(['yard_id', 'model_id', 'id']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
