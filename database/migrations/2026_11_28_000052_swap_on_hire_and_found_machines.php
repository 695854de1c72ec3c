<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A hire that goes on with another machine knows the one before it; a machine found back is nobody's until somebody
 * says whose.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('hires', static function (Blueprint $table): void {
            $table->foreignUuid('in_place_of_id')->nullable()->constrained('hires');
        });
        Schema::table('customers', static function (Blueprint $table): void {
            $table->boolean('is_nobody')->default(false);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
