<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use WindowStall\Support\AreaTables;

/** A database made by the migrations of before 2 December 2026 goes on with those by area. */
return new class extends Migration
{
    public function up(): void
    {
        AreaTables::carryOver();
    }
};
