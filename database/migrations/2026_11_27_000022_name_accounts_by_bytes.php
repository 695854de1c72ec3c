<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The collation of the schema takes look-alikes and letters without width for the same account. */
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->string('login', 40)
            ->charset('ascii')
            ->collation('ascii_bin')
            ->change());
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
