<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What accounts have paid ahead, what an order carries besides goods, and what accounts ask for. */
return new class extends Migration
{
    public function up(): void
    {
        $schema = Schema::connection('oakum');
        $schema->table('accounts', function (Blueprint $table): void {
            // US cents paid in and not used yet; null where the account is sent bills.
            $table->bigInteger('balance')->nullable();
        });
        $schema->table('items', function (Blueprint $table): void {
            // Made for one account, and nobody else's to see.
            $table->string('made_for', 80)->nullable();
        });
        $schema->table('orders', function (Blueprint $table): void {
            $table->jsonb('extras')->default('[]');
            $table->unsignedInteger('extras_cost')->default(0);
            // What its balance was charged.
            $table->unsignedInteger('charged')->default(0);
            $table->jsonb('ahead')->default('[]');
        });
        $schema->create('requests', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 80);
            $table->string('idempotency_key', 80);
            $table->string('kind', 12);
            $table->jsonb('about');
            $table->string('state', 12);
            $table->timestamp('created_at');
            $table->unique(['key', 'idempotency_key']);
        });
        $schema->create('messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('request_id');
            $table->string('idempotency_key', 80)->nullable();
            $table->string('from', 8);
            $table->text('words');
            $table->timestamp('at');
            $table->unique(['request_id', 'idempotency_key']);
        });
        $schema->create('offers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('request_id');
            $table->unsignedInteger('cost');
            $table->unsignedInteger('pieces');
            $table->unsignedInteger('once');
            $table->unsignedSmallInteger('days');
            $table->string('words', 600);
            $table->jsonb('makes');
            $table->string('state', 12);
            $table->jsonb('result')->nullable();
            $table->timestamp('at');
        });
        $schema->create('lots', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 80);
            $table->string('variant', 60);
            $table->unsignedInteger('pieces');
            $table->unsignedInteger('left');
            $table->unsignedInteger('cost');
        });
    }

    public function down(): void
    {
        $schema = Schema::connection('oakum');
        foreach (['lots', 'offers', 'messages', 'requests'] as $table) {
            $schema->drop($table);
        }
        $schema->table('orders', fn (Blueprint $table) => $table->dropColumn(['extras', 'extras_cost', 'charged', 'ahead']));
        $schema->table('items', fn (Blueprint $table) => $table->dropColumn('made_for'));
        $schema->table('accounts', fn (Blueprint $table) => $table->dropColumn('balance'));
    }
};
