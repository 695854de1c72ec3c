<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('customers', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 120);
            $table->timestamps(6);
        });
        Schema::create('machines', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('fleet_number', 12)->unique();
            $table->string('model_id', 60);
            $table->string('serial', 40)->unique();
            $table->string('bay', 40)->nullable();
            $table->timestamps(6);
        });
        Schema::create('hires', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->unsignedInteger('folio')->unique();
            $table->foreignUuid('machine_id')->constrained();
            $table->foreignUuid('customer_id')->constrained();
            $table->dateTime('goes_out_at', 6)->index();
            $table->dateTime('comes_back_at', 6)->index();
            $table->foreignUuid('out_assignee_id')->nullable()->constrained('users');
            $table->foreignUuid('in_assignee_id')->nullable()->constrained('users');
            $table->timestamps(6);
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->unsignedInteger('bytes');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->dateTime('taken_at', 6)->nullable();
            $table->foreignUuid('uploaded_by_id')->constrained('users');
            $table->timestamps(6);
        });
    }

    public function down(): void
    {
        foreach (['photos', 'hires', 'machines', 'customers'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
