<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('walks', static function (Blueprint $table): void {
            $table->dateTime('given_back_at', 6)->nullable();
            // The foreign key of the hire needs an index of its own before the unique one goes.
            $table->index('hire_id');
            $table->dropUnique(['hire_id', 'movement']);
        });
        // Of each movement a hire has one walk that was not given back, and any number that were.
        DB::connection($this->getConnection())->unprepared('ALTER TABLE walks
            ADD COLUMN standing_movement varchar(20) AS (if(given_back_at IS NULL, movement, NULL)) VIRTUAL,
            ADD UNIQUE walks_one_that_stands (hire_id, standing_movement)');
        Schema::table('customers', static fn (Blueprint $table) => $table->string('phone', 40)->nullable());
    }

    public function down(): void
    {
        throw new LogicException('Migrations are not taken back: restore the backup that was made before the upgrade.');
    }
};
