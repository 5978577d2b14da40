<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use WindowStall\Standins\StandinsServiceProvider;

/** Kilnfold's stock book. */
return new class extends Migration
{
    protected $connection = 'kilnfold';

    public function up(): void
    {
        StandinsServiceProvider::schema('kilnfold');
        Schema::connection('kilnfold')->create('articles', function (Blueprint $table): void {
            $table->id('position');
            $table->string('sku', 40)->unique();
            $table->string('range', 20);
            $table->string('ean', 13);
            $table->string('name', 120);
            $table->string('section', 60);
            $table->string('glaze', 40);
            $table->string('size', 40);
            $table->text('prose');
            $table->unsignedInteger('price');
            $table->unsignedInteger('rrp');
            $table->unsignedInteger('grams');
            $table->unsignedInteger('stock');
            $table->jsonb('picture');
        });
        Schema::connection('kilnfold')->create('settings', function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->text('value');
        });
    }
};
