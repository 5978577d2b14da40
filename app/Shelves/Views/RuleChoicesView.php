<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Filing;
use WindowStall\Core\Shelves\ShelfField;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** What rules can look at in a stall, with the names there are, and the orders goods can stand in. */
final readonly class RuleChoicesView
{
    private const MOST = 300;

    private const OPTIONS = <<<'SQL'
        SELECT option.name
        FROM goods_facts AS facts
        CROSS JOIN LATERAL unnest(facts.options) AS option (name)
        WHERE facts.stall_id = ?
        GROUP BY option.name
        ORDER BY option.name
        LIMIT ?
        SQL;

    private const POSTED_FROM = <<<'SQL'
        SELECT DISTINCT country.code
        FROM goods_facts AS facts
        CROSS JOIN LATERAL unnest(facts.posted_from) AS country (code)
        WHERE facts.stall_id = ?
        ORDER BY country.code
        LIMIT ?
        SQL;

    /**
     * @param  list<FieldChoiceView>  $fields
     * @param  array<string, string>  $standings
     */
    public function __construct(public array $fields, public array $standings)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self(
            fields: array_map(static fn (ShelfField $field): FieldChoiceView => new FieldChoiceView(
                field: $field->value,
                asks: $field->asks()->value,
                label: $field->label(),
                unit: match ($field) {
                    ShelfField::Price, ShelfField::Keep => $stall->currency,
                    ShelfField::Margin => '%',
                    ShelfField::Stock => 'pieces',
                    ShelfField::New, ShelfField::Sold, ShelfField::Days => 'days',
                    default => '',
                },
                names: self::names($stall, $field),
            ), ShelfField::cases()),
            standings: array_column(
                array_map(static fn (ShelfOrder $s): array => [$s->value, $s->words()], ShelfOrder::cases()),
                1,
                0,
            ),
        );
    }

    /** @return array<string, string> */
    private static function names(Stall $stall, ShelfField $field): array
    {
        $same = static fn (array $names): array => array_combine($names, $names);
        $read = static fn (string $sql, string $column): array => array_map(
            strval(...),
            array_column(DB::select($sql, [$stall->id, self::MOST]), $column),
        );
        $countries = static fn (array $codes): array => array_combine($codes, array_map(Stall::countryName(...), $codes));

        return match ($field) {
            ShelfField::Tag => $same(Filing::tags($stall)),
            ShelfField::Type => $same(Filing::types($stall)),
            ShelfField::Supplier => SupplierConnection::of($stall)->orderBy('name')->pluck('name', 'id')
                ->mapWithKeys(static fn (mixed $name, mixed $id): array => [(string) $id => (string) $name])->all(),
            ShelfField::Option => $same($read(self::OPTIONS, 'name')),
            ShelfField::PostedFrom => $countries($read(self::POSTED_FROM, 'code')),
            default => [],
        };
    }
}
