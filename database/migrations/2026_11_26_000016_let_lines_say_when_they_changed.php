<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * The sequence number of the entry by which a line changed last: a tablet that knows the walk up to another one is
 * told the rest only.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('walk_lines', static function (Blueprint $table): void {
            $table->unsignedInteger('changed_by')->default(0);
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
