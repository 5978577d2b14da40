<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Baskets, orders, and what each supplier has to send for them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('baskets', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
        });
        Schema::create('basket_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('basket_id')->constrained()->cascadeOnDelete();
            $table->foreignId('listing_variant_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('quantity');
            $table->unique(['basket_id', 'listing_variant_id']);
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('token', 43)->unique();
            $table->uuid('basket_id');
            $table->string('basket_hash', 64);
            $table->string('state', 20);
            $table->string('email', 190);
            $table->string('name', 120);
            $table->string('street', 200);
            $table->string('town', 120);
            $table->string('postcode', 20);
            $table->char('country', 2);
            $table->char('currency', 3);
            $table->unsignedBigInteger('goods_minor');
            $table->unsignedBigInteger('delivery_minor');
            $table->unsignedBigInteger('tax_minor');
            $table->unsignedBigInteger('total_minor');
            $table->unsignedInteger('tax_bp');
            $table->unsignedInteger('fee_bp');
            $table->unsignedBigInteger('fee_fixed_minor');
            $table->string('payment_id', 60)->nullable()->unique();
            $table->text('payment_trouble')->nullable();
            $table->timestamp('paid_at')->nullable();
            $table->timestamps();
            $table->unique(['stall_id', 'number']);
            $table->index(['stall_id', 'state', 'id']);
            $table->index(['basket_id', 'basket_hash']);
        });
        Schema::create('supplier_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->restrictOnDelete();
            $table->uuid('idempotency_key')->unique();
            $table->string('state', 12);
            $table->string('external_id', 80)->nullable();
            // What it costs in the stall's currency: expected at payment, the supplier's own figures once it has
            // answered.
            $table->unsignedBigInteger('goods_minor');
            $table->unsignedBigInteger('delivery_minor');
            $table->boolean('cost_confirmed')->default(false);
            $table->string('carrier', 60)->nullable();
            $table->string('tracking', 60)->nullable();
            $table->text('refusal')->nullable();
            $table->text('trouble')->nullable();
            $table->unsignedInteger('tries')->default(0);
            $table->timestamp('next_try_at')->nullable();
            $table->timestamp('asked_at')->nullable();
            $table->timestamp('sent_at')->nullable();
            $table->timestamp('accepted_at')->nullable();
            $table->timestamp('posted_at')->nullable();
            $table->timestamps();
            $table->unique(['order_id', 'connection_id']);
            $table->index(['state', 'id']);
        });
        Schema::create('order_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_order_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('listing_variant_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('supplier_variant_id')->constrained()->restrictOnDelete();
            $table->string('title', 400);
            $table->string('label', 300);
            $table->string('picture', 200)->nullable();
            $table->unsignedInteger('quantity');
            $table->unsignedBigInteger('unit_minor');
        });
        Schema::create('supplier_events', function (Blueprint $table): void {
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->string('event_id', 80);
            $table->string('kind', 40);
            $table->timestamp('received_at');
            $table->primary(['connection_id', 'event_id']);
        });
    }
};
