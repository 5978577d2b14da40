<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What who brings an order rings, where its shopper fetches it, and by what the payment service knows them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('orders', function (Blueprint $table): void {
            $table->string('phone', 40)->default('');
            $table->string('collected', 160)->default('');
            $table->string('wallet', 80)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn(['phone', 'collected', 'wallet']));
    }
};
