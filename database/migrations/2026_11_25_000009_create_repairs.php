<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Projections: what was mended under a tag, and who took the tag off.
        Schema::create('repairs', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->uuid('tag_id')->index();
            $table->foreignUuid('machine_id')->constrained();
            $table->uuid('walk_id')->index();
            $table->text('words');
            $table->json('parts');
            $table->json('due');
            $table->foreignUuid('repaired_by_id')->constrained('users');
            $table->dateTime('repaired_at', 6);
        });
        Schema::table('tags', function (Blueprint $table): void {
            $table->foreignUuid('lifted_by_id')->nullable()->constrained('users');
        });
        Schema::table('findings', function (Blueprint $table): void {
            $table->dateTime('mended_at', 6)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('repairs');
        Schema::table('tags', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('lifted_by_id');
        });
        Schema::table('findings', function (Blueprint $table): void {
            $table->dropColumn('mended_at');
        });
    }
};
