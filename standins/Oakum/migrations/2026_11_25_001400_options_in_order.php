<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The order of a variant's options is part of what Oakum says; binary JSON would sort them. */
return new class extends Migration
{
    public function up(): void
    {
        DB::connection('oakum')->statement('ALTER TABLE variants ALTER COLUMN options TYPE json USING options::json');
    }
};
