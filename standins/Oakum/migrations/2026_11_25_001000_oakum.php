<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use WindowStall\Standins\StandinsServiceProvider;

/** Oakum Depot's own books. */
return new class extends Migration
{
    protected $connection = 'oakum';

    public function up(): void
    {
        StandinsServiceProvider::schema('oakum');
        $schema = Schema::connection('oakum');
        $schema->create('items', function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('title', 300);
            $table->text('description');
            $table->string('category', 80);
            $table->jsonb('pictures');
            $table->jsonb('processing');
            $table->unsignedSmallInteger('rating');
        });
        $schema->create('variants', function (Blueprint $table): void {
            $table->string('id', 60)->primary();
            $table->string('item_id', 40)->index();
            $table->unsignedInteger('position');
            $table->string('sku', 60);
            $table->string('barcode', 13);
            $table->jsonb('options');
            $table->unsignedInteger('cost');
            $table->unsignedInteger('rrp');
            $table->unsignedInteger('grams');
            $table->jsonb('stock');
            $table->unsignedSmallInteger('picture');
            $table->boolean('dropped')->default(false);
        });
        $schema->create('accounts', function (Blueprint $table): void {
            $table->string('key', 80)->primary();
            $table->string('name', 80);
            $table->string('hook_address', 300)->nullable();
            $table->string('hook_secret', 120)->nullable();
        });
        $schema->create('orders', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 80);
            $table->string('idempotency_key', 80);
            $table->string('reference', 80);
            $table->string('state', 12);
            $table->jsonb('lines');
            $table->jsonb('address');
            $table->unsignedInteger('goods');
            $table->unsignedInteger('delivery');
            $table->string('method', 20);
            $table->string('carrier', 40)->nullable();
            $table->string('tracking', 40)->nullable();
            $table->text('reason')->nullable();
            $table->timestamps();
            $table->unique(['key', 'idempotency_key']);
        });
        $schema->create('events', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->unsignedBigInteger('order_id');
            $table->string('kind', 40);
            $table->jsonb('body');
            $table->timestamp('delivered_at')->nullable();
            $table->text('answer')->nullable();
            $table->timestamp('created_at');
        });
        $schema->create('settings', function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->text('value');
        });
    }
};
