<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An item of some hundred variants, each of which there are ten million, has more pieces than 32 bits count. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['supplier_items' => 0, 'item_landings' => null] as $name => $default) {
            Schema::table($name, function (Blueprint $table) use ($default): void {
                $column = $table->bigInteger('stock');
                $default === null || $column->default($default);
                $column->change();
            });
        }
    }
};
