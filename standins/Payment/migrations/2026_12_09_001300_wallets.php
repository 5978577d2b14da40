<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** People whom the service knows, with their address and card, and what shops were told of them. */
return new class extends Migration
{
    protected $connection = 'payment';

    public function up(): void
    {
        Schema::connection('payment')->create('wallets', function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('mode', 4);
            $table->string('return_to', 600);
            $table->string('person', 20)->nullable();
            $table->timestamp('created_at');
        });
        Schema::connection('payment')->table('payments', fn (Blueprint $table) => $table->string('wallet', 40)->nullable());
    }
};
