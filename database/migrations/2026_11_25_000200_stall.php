<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * People, stalls, who works in which, and what a stall's sales bear. Amounts are minor units of the stall's currency.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('stalls', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('handle', 40)->unique();
            $table->char('country', 2);
            $table->char('home_market', 2);
            $table->char('currency', 3);
            $table->unsignedInteger('vat_bp');
            $table->unsignedBigInteger('flat_delivery_minor')->default(0);
            $table->unsignedInteger('payment_fee_bp');
            $table->unsignedBigInteger('payment_fee_fixed_minor');
            $table->unsignedInteger('recipe_factor_bp');
            $table->unsignedInteger('recipe_ending_minor');
            $table->unsignedBigInteger('shop_revision')->default(1);
            $table->unsignedInteger('next_order_number')->default(1001);
            $table->timestamps();
        });
        Schema::create('memberships', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->primary(['user_id', 'stall_id']);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->foreignId('current_stall_id')->nullable()->constrained('stalls')->nullOnDelete();
        });
        Schema::create('exchange_rates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->char('from', 3);
            $table->decimal('rate', 18, 8);
            $table->unsignedInteger('cushion_bp')->default(200);
            $table->date('day');
            $table->unique(['stall_id', 'from']);
        });
    }
};
