<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('hire_things', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('hire_id')->constrained();
            $table->string('thing', 40);
            $table->unsignedSmallInteger('handed');
            $table->string('marks', 200)->default('');
            $table->dateTime('handed_at', 6);
            $table->uuid('handed_by_id')->nullable();
            $table->unsignedSmallInteger('returned')->nullable();
            $table->dateTime('returned_at', 6)->nullable();
            $table->uuid('returned_by_id')->nullable();
            $table->unique(['hire_id', 'thing']);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
