<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Added to and never changed: the last one of a kind is the one that counts.
        Schema::create('machine_papers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('machine_id')->constrained();
            $table->string('kind', 20);
            $table->string('number', 60)->nullable();
            $table->date('issued_on')->nullable();
            $table->date('valid_until')->nullable();
            $table->foreignUuid('recorded_by_id')->constrained('users');
            $table->dateTime('recorded_at', 6);
            $table->index(['machine_id', 'kind', 'id']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
