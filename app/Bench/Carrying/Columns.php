<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

/**
 * The columns of listings as a table, one row per variant; docs/formats.md describes them for people.
 *
 * The first columns say which listing and variant it is; those under OWN are the seller's word and come in again; the
 * rest is told for reading and ignored on the way in.
 */
final class Columns
{
    public const KEYS = ['listing', 'variant', 'supplier', 'item', 'supplier_variant'];

    /** Of the listing: the same in each of its rows. Empty follows the supplier, or the stall's recipes. */
    public const LISTING = [
        'title',
        'description',
        'type',
        'tags',
        'maker',
        'notes',
        'search_title',
        'search_description',
        'recipe',
        'together',
        'ladder',
    ];

    /** Of the variant. An empty price is the recipe's; an empty recipe is its listing's. */
    public const VARIANT = ['on', 'price', 'was', 'variant_recipe'];

    public const TOLD = [
        'state',
        'shown_title',
        'options',
        'sku',
        'barcode',
        'recipe_price',
        'landed',
        'you_keep',
        'stock',
        'currency',
    ];

    /** @return list<string> */
    public static function all(): array
    {
        return [...self::KEYS, ...self::LISTING, ...self::VARIANT, ...self::TOLD];
    }
}
