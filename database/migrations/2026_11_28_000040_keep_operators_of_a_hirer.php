<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('operators', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('customer_id')->constrained();
            $table->string('same', 120);
            $table->string('name', 120);
            $table->string('category', 40);
            $table->string('issuer', 120);
            $table->string('number', 60);
            $table->date('valid_until')->nullable();
            $table->date('inspection_on')->nullable();
            $table->date('course_on')->nullable();
            $table->string('evaluator', 120);
            $table->boolean('has_own_code');
            $table->dateTime('recorded_at', 6);
            $table->uuid('recorded_by_id')->nullable();
            $table->unique(['customer_id', 'same', 'category']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
