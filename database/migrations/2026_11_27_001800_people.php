<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where a person is signed in, so that they can see and end it; and links to a new password. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('agent', 300)->default('');
            $table->string('address', 45)->default('');
            $table->timestamp('seen_at');
            $table->timestamp('created_at');
            $table->index(['user_id', 'seen_at']);
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email', 190)->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
    }
};
