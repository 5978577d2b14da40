<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use WindowStall\Standins\StandinsServiceProvider;

/** The payment stand-in's book of payments; amounts in minor units. */
return new class extends Migration
{
    protected $connection = 'payment';

    public function up(): void
    {
        StandinsServiceProvider::schema('payment');
        Schema::connection('payment')->create('payments', function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('reference', 80)->unique();
            $table->string('payee', 80);
            $table->unsignedBigInteger('amount');
            $table->char('currency', 3);
            $table->string('return_to', 600);
            $table->string('state', 12);
            $table->string('card', 12)->nullable();
            $table->unsignedInteger('captures')->default(0);
            $table->timestamps();
        });
    }
};
