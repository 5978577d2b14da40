<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Filing;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** What the conditions of a recipe can be chosen from. */
final readonly class RecipeChoicesView
{
    private const MOST = 200;

    private const METHODS = <<<'SQL'
        SELECT DISTINCT jsonb_array_elements_text(methods) AS method
        FROM supplier_items
        WHERE stall_id = :stall
          AND methods IS NOT NULL
        ORDER BY method
        LIMIT :most
        SQL;

    /**
     * @param  array<string, string>  $suppliers  by connection
     * @param  list<string>  $types
     * @param  list<string>  $tags
     * @param  array<string, string>  $markets  by country
     * @param  list<string>  $methods  of printing
     */
    public function __construct(
        public array $suppliers,
        public array $types,
        public array $tags,
        public array $markets,
        public array $methods,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $markets = $stall->soldTo();
        $methods = DB::select(self::METHODS, ['stall' => $stall->id, 'most' => self::MOST]);

        return new self(
            suppliers: SupplierConnection::of($stall)->orderBy('name')->pluck('name', 'id')->all(),
            types: Filing::types($stall),
            tags: Filing::tags($stall),
            markets: array_combine($markets, array_map(Stall::countryName(...), $markets)),
            methods: array_column($methods, 'method'),
        );
    }
}
