<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Appended to and never changed: the last choice of a rule counts, those before it stay legible.
        Schema::create('house_rule_choices', function (Blueprint $table): void {
            $table->id();
            $table->string('rule', 60);
            $table->string('value', 60);
            $table->string('reason', 500);
            $table->foreignUuid('chosen_by_id')->constrained('users');
            $table->dateTime('chosen_at', 6);
            $table->index(['rule', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('house_rule_choices');
    }
};
