<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What shoppers were mailed about their orders: of each kind one for an order, or for each of its parcels. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('order_mails', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            // A supplier order, where it is about a parcel; else nought.
            $table->unsignedBigInteger('of')->default(0);
            $table->timestamp('told_at');
            $table->primary(['order_id', 'kind', 'of']);
            $table->index('stall_id');
        });
        DB::statement('ALTER TABLE order_mails ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON order_mails USING (stall_id = (SELECT current_stall()))');
    }

    public function down(): void
    {
        Schema::drop('order_mails');
    }
};
