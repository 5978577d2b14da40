<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Stall\Stall;
use WindowStall\Support\Cell;

/**
 * Listings as plain records, as they go out and come in.
 *
 * @phpstan-type VariantRecord array{
 *     variant: int, supplier_variant: string, on: string, price: string, was: string,
 *     variant_recipe: array<string, mixed>|null, options: array<string, string>, sku: string, barcode: string,
 *     recipe_price: string, landed: string, you_keep: string, stock: int,
 * }
 * @phpstan-type ListingRecord array{
 *     listing: int, supplier: string, item: string, title: string, description: string, type: string, tags: string,
 *     maker: string, notes: string, search_title: string, search_description: string,
 *     recipe: array<string, mixed>|null, together: array<string, mixed>|null, ladder: string, state: string, shown_title: string, currency: string,
 *     variants: list<VariantRecord>,
 * }
 */
final class ListingRecords
{
    private const CHUNK = 100;

    /** @return \Generator<int, ListingRecord> */
    public static function all(Stall $stall): \Generator
    {
        foreach (Listing::of($stall)->with(Listing::FOR_FIGURES)->lazyById(self::CHUNK) as $listing) {
            yield self::of(ListingFigures::of($stall, $listing));
        }
    }

    /** @return ListingRecord */
    public static function of(ListingFigures $f): array
    {
        $l = $f->listing;

        return [
            'listing' => $l->id,
            'supplier' => (string) $l->supplierItem?->connection?->name,
            'item' => (string) $l->supplierItem?->external_id,
            'title' => (string) $l->own_title,
            'description' => (string) $l->own_words,
            'type' => (string) $l->own_type,
            'tags' => implode(', ', $l->own_tags),
            'maker' => (string) $l->own_maker,
            'notes' => (string) $l->own_notes,
            'search_title' => (string) $l->own_search_title,
            'search_description' => (string) $l->own_search_words,
            'recipe' => $l->own_recipe,
            'together' => $l->own_across,
            'ladder' => PricingCells::ladder($l->own_ladder),
            'state' => $l->state->value,
            'shown_title' => $f->title->shown(),
            'currency' => $f->stall->currency,
            'variants' => array_map(
                static fn (VariantFigures $v): array => [
                    'variant' => $v->row->id,
                    'supplier_variant' => $v->row->external_id,
                    'on' => $v->on ? 'yes' : 'no',
                    'price' => $v->handPriced() ? (string) $v->price?->digits() : '',
                    'was' => (string) $f->stall->moneyOrNull($v->row->own_was_minor)?->digits(),
                    'variant_recipe' => $v->row->own_recipe,
                    'options' => $v->options,
                    'sku' => (string) $v->said?->sku,
                    'barcode' => (string) $v->said?->barcode,
                    'recipe_price' => (string) $v->recipePrice?->digits(),
                    'landed' => (string) $v->landed?->digits(),
                    'you_keep' => (string) $v->till?->keep->digits(),
                    'stock' => $v->available,
                ],
                $f->variants,
            ),
        ];
    }

    /**
     * A listing's rows in the table's columns.
     *
     * @param  ListingRecord  $record
     * @return list<list<string>>
     */
    public static function rows(array $record): array
    {
        return array_map(static function (array $variant) use ($record): array {
            $options = implode(
                '; ',
                array_map(
                    static fn (string $name, string $value): string => $name.'='.$value,
                    array_keys($variant['options']),
                    $variant['options'],
                ),
            );

            return array_map(static function (string $column) use ($record, $variant, $options): string {
                $value = $column === 'options' ? $options : $variant[$column] ?? ($record[$column] ?? '');

                return Cell::safe(self::cell($value));
            }, Columns::all());
        }, $record['variants']);
    }

    /** A value of a record as a table has it: a recipe as programs write it. */
    public static function cell(mixed $value): string
    {
        return is_array($value)
            ? json_encode($value, JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)
            : (is_scalar($value)
                ? (string) $value
                : '');
    }
}
