<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photo_uploads', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('yard_id')->constrained();
            $table->foreignUuid('user_id')->constrained();
            $table->unsignedInteger('bytes');
            $table->unsignedInteger('received')->default(0);
            $table->char('photo_sha256', 64)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->timestamps(6);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photo_uploads');
    }
};
