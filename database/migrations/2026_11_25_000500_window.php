<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The look and the homepage: one working copy, and every state that was ever published. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('window_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->jsonb('content');
            $table->foreignId('published_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('published_at');
            $table->index(['stall_id', 'id']);
        });
        Schema::create('windows', function (Blueprint $table): void {
            $table->foreignId('stall_id')->primary()->constrained()->cascadeOnDelete();
            $table->jsonb('working');
            $table->unsignedBigInteger('version')->default(1);
            $table->foreignId('published_id')->nullable()->constrained('window_revisions')->nullOnDelete();
            $table->timestamps();
        });
    }
};
