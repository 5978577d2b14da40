<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use WindowStall\Standins\StandinsServiceProvider;

/** The parcels a carrier has in hand, and what became of them. */
return new class extends Migration
{
    protected $connection = 'carrier';

    public function up(): void
    {
        StandinsServiceProvider::schema('carrier');
        Schema::connection('carrier')->create('parcels', function (Blueprint $table): void {
            $table->string('tracking', 40)->primary();
            $table->string('sender', 80);
            $table->string('town', 120);
            $table->char('country', 2);
            $table->timestamp('taken_at');
        });
        Schema::connection('carrier')->create('parcel_events', function (Blueprint $table): void {
            $table->id();
            $table->string('tracking', 40)->index();
            $table->string('kind', 12);
            $table->string('place', 120);
            $table->timestamp('at');
        });
    }

    public function down(): void
    {
        Schema::connection('carrier')->drop('parcel_events');
        Schema::connection('carrier')->drop('parcels');
    }
};
