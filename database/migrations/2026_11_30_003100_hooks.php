<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Programs that are told when something happens in a stall, and what each was told; tokens that may decide. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('hooks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('address', 600);
            $table->text('secret');
            $table->jsonb('events');
            $table->timestamps();
            $table->index('stall_id');
        });
        Schema::create('hook_deliveries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('hook_id')->constrained()->cascadeOnDelete();
            // The same each time it is sent, so that whoever gets it twice knows.
            $table->uuid('message');
            $table->string('event', 40);
            $table->text('body');
            $table->string('state', 12);
            $table->unsignedSmallInteger('tries')->default(0);
            $table->unsignedSmallInteger('answered')->nullable();
            $table->string('trouble', 300)->nullable();
            $table->timestamp('delivered_at')->nullable();
            $table->timestamps();
            $table->index('stall_id');
            $table->index(['hook_id', 'id']);
        });
        foreach (['hooks', 'hook_deliveries'] as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
        // Those that were made could only read, and go on so.
        DB::table('personal_access_tokens')->update(['abilities' => '["read"]']);
    }

    public function down(): void
    {
        Schema::drop('hook_deliveries');
        Schema::drop('hooks');
    }
};
