<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** The names that columns of trade feeds go by. */
final class ColumnNames
{
    /** Words whole names are made of; the longer match says more. English first, then German, Dutch and French. */
    private const NAMES = [
        'item' => [
            'item',
            'item code',
            'item no',
            'item id',
            'parent',
            'parent sku',
            'parent code',
            'group',
            'group id',
            'family',
            'range',
            'range code',
            'model',
            'model no',
            'style',
            'style code',
            'product id',
            'product code',
            'product no',
            'master',
            'artikelgruppe',
            'modell',
        ],
        'sku' => [
            'sku',
            'variant sku',
            'variant code',
            'code',
            'article',
            'article no',
            'article number',
            'part no',
            'ref',
            'reference',
            'stock code',
            'order code',
            'order no',
            'artikelnummer',
            'artikelnr',
            'bestellnummer',
            'artikelcode',
            'référence',
        ],
        'barcode' => [
            'barcode',
            'bar code',
            'ean',
            'ean13',
            'ean code',
            'gtin',
            'gtin13',
            'upc',
            'isbn',
            'code barres',
        ],
        'title' => [
            'title',
            'name',
            'product name',
            'product',
            'item name',
            'product title',
            'heading',
            'goods',
            'bezeichnung',
            'titel',
            'naam',
            'nom',
            'artikelname',
        ],
        'words' => [
            'description',
            'long description',
            'desc',
            'details',
            'text',
            'body',
            'html',
            'prose',
            'about',
            'beschreibung',
            'omschrijving',
            'notes',
        ],
        'category' => [
            'category',
            'categories',
            'department',
            'section',
            'product type',
            'type',
            'range',
            'kategorie',
            'categorie',
            'warengruppe',
            'collection',
        ],
        'cost' => [
            'cost',
            'cost price',
            'unit cost',
            'price',
            'trade price',
            'trade',
            'wholesale',
            'wholesale price',
            'net price',
            'net',
            'nett',
            'dealer price',
            'buy price',
            'purchase price',
            'your price',
            'preis',
            'einkaufspreis',
            'nettopreis',
            'prijs',
            'prix',
            'ek',
        ],
        'rrp' => [
            'rrp',
            'srp',
            'msrp',
            'retail',
            'retail price',
            'recommended price',
            'recommended retail price',
            'list price',
            'uvp',
            'adviesprijs',
            'verkaufspreis',
            'prix conseillé',
        ],
        'stock' => [
            'stock',
            'qty',
            'quantity',
            'in stock',
            'stock level',
            'available',
            'availability',
            'on hand',
            'free stock',
            'inventory',
            'pieces',
            'bestand',
            'lagerbestand',
            'menge',
            'voorraad',
            'lager',
        ],
        'weight' => [
            'weight',
            'weight kg',
            'weight g',
            'gross weight',
            'shipping weight',
            'parcel weight',
            'grams',
            'kg',
            'mass',
            'gewicht',
            'poids',
        ],
        'picture' => [
            'picture',
            'pictures',
            'image',
            'images',
            'image url',
            'picture url',
            'photo',
            'photos',
            'img',
            'bild',
            'afbeelding',
            'main image',
            'picture 1',
            'picture 2',
            'picture 3',
            'image 1',
            'image 2',
            'image 3',
        ],
        'option' => [
            'colour',
            'color',
            'size',
            'finish',
            'material',
            'option',
            'variant',
            'glaze',
            'pack',
            'pattern',
            'style name',
            'length',
            'diameter',
            'capacity',
            'farbe',
            'größe',
            'groesse',
            'kleur',
            'maat',
            'couleur',
            'taille',
        ],
    ];

    /**
     * How well a column's name fits a meaning, 0 to 1: whole name, then the share of its words that a known name
     * covers.
     */
    public static function fits(string $column, FeedField $field): float
    {
        $name = self::plain($column);
        if ($name === '') {
            return 0.0;
        }
        $best = 0.0;
        foreach (self::NAMES[$field->value] as $known) {
            if ($name === $known) {
                return 1.0;
            }
            if (str_contains(' '.$name.' ', ' '.$known.' ')) {
                $best = max($best, 0.55 + (0.35 * mb_strlen($known)) / mb_strlen($name));
            }
        }

        return $best;
    }

    /**
     * How much a table looks like one of goods: how many meanings have a column whose name fits, each counted 0 to 1.
     *
     * @param  list<string>  $columns
     */
    public static function likeGoods(array $columns): float
    {
        $sum = 0.0;
        foreach (FeedField::cases() as $field) {
            $fits = array_map(static fn (string $column): float => self::fits($column, $field), $columns);
            $sum += $fits === [] ? 0.0 : max($fits);
        }

        return $sum;
    }

    /** "Trade_Price (GBP)" → "trade price gbp"; "unitCost" → "unit cost". */
    public static function plain(string $column): string
    {
        $parted = preg_replace('/(?<=\p{Ll})(?=\p{Lu})/u', ' ', $column) ?? $column;

        return trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($parted)) ?? '');
    }
}
