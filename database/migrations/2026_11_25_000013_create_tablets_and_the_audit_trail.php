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
        Schema::table('users', function (Blueprint $table): void {
            $table->string('pin')->nullable();
            // Wrong tries in a row; a password sets it back to none.
            $table->unsignedTinyInteger('pin_tries')->default(0);
            $table->boolean('is_on_shift')->default(true);
            $table->string('language', 5)->default('en');
            $table->string('units', 5)->default('both');
        });
        Schema::create('tablets', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('name', 60);
            $table->char('secret_sha256', 64)->charset('ascii')->collation('ascii_bin');
            $table->foreignUuid('enrolled_by_id')->constrained('users');
            $table->dateTime('enrolled_at', 6);
            $table->dateTime('revoked_at', 6)->nullable();
        });
        // Appended to and never changed, as the ledger is.
        Schema::create('audit_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('yard_id')->constrained();
            $table->string('kind', 40);
            $table->foreignUuid('actor_id')->nullable()->constrained('users');
            $table->string('subject', 120);
            $table->json('before');
            $table->json('after');
            $table->string('address', 45)->nullable();
            $table->dateTime('at', 6);
            $table->index(['yard_id', 'id']);
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            $name = 'audit_entries_no_'.strtolower($verb);
            DB::connection($this->getConnection())->unprepared(
                "CREATE TRIGGER {$name} BEFORE {$verb} ON audit_entries FOR EACH ROW
                 SIGNAL SQLSTATE '45000' SET MYSQL_ERRNO = 1644, MESSAGE_TEXT = 'The audit trail is never changed'"
            );
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('audit_entries');
        Schema::dropIfExists('tablets');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['pin', 'pin_tries', 'is_on_shift', 'language', 'units']);
        });
    }
};
