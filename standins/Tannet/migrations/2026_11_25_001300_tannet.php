<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use WindowStall\Standins\StandinsServiceProvider;

/** What has run out at Tannet Print Works; the blanks themselves are in blanks.json. */
return new class extends Migration
{
    protected $connection = 'tannet';

    public function up(): void
    {
        StandinsServiceProvider::schema('tannet');
        Schema::connection('tannet')->create('out_of_stock', function (Blueprint $table): void {
            $table->string('sku', 60)->primary();
        });
    }
};
