<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pictures of a paper, page by page, and of the plate of a machine. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('machine_papers', static function (Blueprint $table): void {
            $table->json('photos')->nullable();
        });
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
