<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Follows from the ledger and can be learned anew at any time; plans keep the one that they were made with.
        Schema::create('learned_paces', function (Blueprint $table): void {
            $table->string('family', 80)->primary();
            $table->json('seconds');
            $table->unsignedInteger('walks');
            $table->dateTime('learned_at', 6);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('learned_paces');
    }
};
