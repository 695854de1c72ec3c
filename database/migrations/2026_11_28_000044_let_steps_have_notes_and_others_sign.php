<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Appended to and never changed: the last one of a step and a hirer counts.
        Schema::create('step_notes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('step', 60);
            $table->foreignUuid('customer_id')->nullable()->constrained('customers');
            $table->string('words', 300);
            $table->foreignUuid('set_by_id')->constrained('users');
            $table->dateTime('set_at', 6);
            $table->index(['yard_id', 'step', 'id']);
        });
        Schema::table('handovers', static function (Blueprint $table): void {
            $table->json('others')->nullable();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
