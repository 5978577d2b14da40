<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Payments by several methods, tried out or real, of which part can be captured and given back. */
return new class extends Migration
{
    protected $connection = 'payment';

    public function up(): void
    {
        Schema::connection('payment')->table('payments', function (Blueprint $table): void {
            $table->string('mode', 4)->default('test');
            $table->string('method', 12)->default('card');
            $table->unsignedBigInteger('captured')->default(0);
            $table->unsignedBigInteger('refunded')->default(0);
            $table->boolean('disputed')->default(false);
            $table->string('notify_to', 600)->nullable();
            $table->string('notify_secret', 120)->nullable();
        });
        Schema::connection('payment')->create('refunds', function (Blueprint $table): void {
            $table->string('payment_id', 40);
            $table->string('key', 80);
            $table->unsignedBigInteger('amount');
            $table->primary(['payment_id', 'key']);
        });
    }
};
