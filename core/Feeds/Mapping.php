<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/**
 * How a supplier's file is read: which column means what, how figures are written, and what stands in where the file is
 * silent.
 *
 * @phpstan-type SaidMapping array{
 *     columns: list<array{name: string, field: string}>, decimal: string, kilograms: bool, currency: string,
 *     warehouse: string, stock: int, grams: int, processing: array{int, int},
 * }
 */
final readonly class Mapping
{
    /**
     * @param  list<MappedColumn>  $columns  those that mean something, in the file's order
     * @param  bool  $kilograms  whether weights without a unit are kilograms; else grams
     * @param  string  $currency  of cost and RRP, ISO 4217
     * @param  string  $warehouse  where the goods lie, ISO 3166 country
     * @param  int  $assumedStock  pieces, where no column says
     * @param  int  $assumedGrams  weight, where no column says
     * @param  array{int, int}  $processing  working days before a parcel leaves
     */
    public function __construct(
        public array $columns,
        public DecimalSign $decimal,
        public bool $kilograms,
        public string $currency,
        public string $warehouse,
        public int $assumedStock = 0,
        public int $assumedGrams = 500,
        public array $processing = [1, 3],
    ) {
    }

    /** @return list<FeedField> needed fields that no column gives */
    public function missing(): array
    {
        $there = array_map(static fn (MappedColumn $c): FeedField => $c->field, $this->columns);

        return array_values(
            array_filter(FeedField::cases(), static fn (FeedField $f): bool => $f->needed() && ! in_array($f, $there, true)),
        );
    }

    /** @param  array<string, string>  $renames  old name → new name */
    public function renamed(array $renames): self
    {
        return new self(
            array_map(
                static fn (MappedColumn $c): MappedColumn => new MappedColumn($renames[$c->name] ?? $c->name, $c->field),
                $this->columns,
            ),
            $this->decimal,
            $this->kilograms,
            $this->currency,
            $this->warehouse,
            $this->assumedStock,
            $this->assumedGrams,
            $this->processing,
        );
    }

    /** @return SaidMapping */
    public function toArray(): array
    {
        return [
            'columns' => array_map(
                static fn (MappedColumn $c): array => ['name' => $c->name, 'field' => $c->field->value],
                $this->columns,
            ),
            'decimal' => $this->decimal->value,
            'kilograms' => $this->kilograms,
            'currency' => $this->currency,
            'warehouse' => $this->warehouse,
            'stock' => $this->assumedStock,
            'grams' => $this->assumedGrams,
            'processing' => $this->processing,
        ];
    }

    /** @param  SaidMapping  $said */
    public static function fromArray(array $said): self
    {
        return new self(
            array_map(
                static fn (array $c): MappedColumn => new MappedColumn($c['name'], FeedField::from($c['field'])),
                $said['columns'],
            ),
            DecimalSign::from($said['decimal']),
            $said['kilograms'],
            $said['currency'],
            $said['warehouse'],
            $said['stock'],
            $said['grams'],
            $said['processing'],
        );
    }
}
