<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Every column that points to another table has an index that begins with it: whatever is deleted there is looked for
 * here.
 */
return new class extends Migration
{
    private const COLUMNS = [
        'order_lines' => ['order_id', 'supplier_order_id', 'listing_variant_id', 'supplier_variant_id'],
        'basket_lines' => ['listing_variant_id'],
        'supplier_orders' => ['connection_id'],
        'users' => ['current_stall_id'],
        'memberships' => ['stall_id'],
        'runs' => ['connection_id', 'user_id'],
        'listings' => ['agreed_words_id'],
        'listing_variants' => ['sold_variant_id'],
        'listing_items' => ['supplier_item_id', 'agreed_words_id'],
        'pictures' => ['stall_id'],
        'window_revisions' => ['published_by'],
        'windows' => ['published_id'],
        'baskets' => ['stall_id'],
        'bench_changes' => ['user_id'],
        'pricing_changes' => ['user_id'],
    ];

    public function up(): void
    {
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column) {
                DB::statement("CREATE INDEX IF NOT EXISTS {$table}_{$column} ON $table ($column)");
            }
        }
    }
};
