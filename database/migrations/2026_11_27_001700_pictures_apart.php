<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Pictures that people send are made into sizes by the pictures worker; till then they lie where nobody outside can
 * reach them.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            // Where the file lies as it was sent, on the program's own disk; null once it is made, or comes from a
            // supplier.
            $table->string('incoming', 120)->nullable();
        });
    }
};
