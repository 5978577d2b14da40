<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use WindowStall\Support\AreaTables;

/** The tables of Window: database/tables/window.sql. */
return new class extends Migration
{
    public function up(): void
    {
        AreaTables::make('window');
    }
};
