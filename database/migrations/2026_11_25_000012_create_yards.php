<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    private const OF_A_YARD = [
        'users',
        'customers',
        'machines',
        'hires',
        'photos',
        'house_rule_choices',
        'yard_models',
        'learned_paces',
    ];

    public function up(): void
    {
        Schema::create('yards', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 80);
            $table->string('place', 80);
            $table->string('timezone', 60);
            $table->timestamps(6);
        });
        $first = $this->yardOfWhatIsThere();
        foreach (self::OF_A_YARD as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table
                    ->uuid('yard_id')
                    ->nullable()
                    ->after($table->getTable() === 'learned_paces' ? 'family' : $this->firstColumn($table->getTable()));
            });
            DB::connection($this->getConnection())
                ->table($name)
                ->update(['yard_id' => $first]);
            Schema::table($name, function (Blueprint $table): void {
                $table->uuid('yard_id')->nullable(false)->change();
                $table->foreign('yard_id')->references('id')->on('yards');
            });
        }
        Schema::table('machines', function (Blueprint $table): void {
            $table->unique(['yard_id', 'fleet_number']);
            $table->unique(['yard_id', 'serial']);
            $table->dropUnique(['fleet_number']);
            $table->dropUnique(['serial']);
        });
        Schema::table('hires', function (Blueprint $table): void {
            $table->unique(['yard_id', 'folio']);
            $table->dropUnique(['folio']);
            $table->index(['yard_id', 'goes_out_at']);
            $table->index(['yard_id', 'comes_back_at']);
        });
        Schema::table('photos', function (Blueprint $table): void {
            $table->dropPrimary();
            $table->primary(['sha256', 'yard_id']);
        });
        Schema::table('learned_paces', function (Blueprint $table): void {
            $table->dropPrimary();
            $table->primary(['family', 'yard_id']);
        });
    }

    public function down(): void
    {
        throw new RuntimeException(
            'Rows of several yards cannot be put back into one: restore the backup that was made before the upgrade.',
        );
    }

    /** Null where the database is empty. */
    private function yardOfWhatIsThere(): ?string
    {
        $database = DB::connection($this->getConnection());
        if (! $database->table('users')->exists()) {
            return null;
        }
        $id = (string) Str::uuid7();
        $database
            ->table('yards')
            ->insert([
                'id' => $id,
                'name' => config('jade.yard.name'),
                'place' => config('jade.yard.place'),
                'timezone' => config('jade.yard.timezone'),
                'created_at' => now(),
                'updated_at' => now(),
            ]);

        return $id;
    }

    private function firstColumn(string $table): string
    {
        return $table === 'photos' ? 'sha256' : 'id';
    }
};
