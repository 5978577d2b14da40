<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Print files that were sent to Tannet Print Works, what was ordered with them, and the news of it. */
return new class extends Migration
{
    protected $connection = 'tannet';

    public function up(): void
    {
        $schema = Schema::connection('tannet');
        $schema->create('hooks', function (Blueprint $table): void {
            $table->string('key', 60)->primary();
            $table->string('address', 300);
            $table->string('secret', 120);
        });
        $schema->create('files', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 60);
            $table->string('sha256', 64);
            $table->string('type', 30);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->unsignedInteger('bytes');
            $table->timestampTz('created_at');
            $table->unique(['key', 'sha256']);
        });
        $schema->create('orders', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 60);
            $table->string('idempotency_key', 80);
            $table->string('reference', 80);
            $table->string('state', 20);
            $table->jsonb('lines');
            $table->jsonb('address');
            $table->jsonb('extras');
            $table->unsignedInteger('goods');
            $table->unsignedInteger('delivery');
            $table->unsignedInteger('extras_cost');
            $table->string('carrier', 60)->nullable();
            $table->string('tracking', 60)->nullable();
            $table->string('reason', 500)->nullable();
            $table->timestampsTz();
            $table->unique(['key', 'idempotency_key']);
        });
        $schema->create('events', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('key', 60)->nullable();
            $table->string('kind', 40);
            $table->text('body');
            $table->string('answer', 30)->nullable();
            $table->timestampTz('created_at');
        });
    }
};
