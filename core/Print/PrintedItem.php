<?php

declare(strict_types=1);

namespace WindowStall\Core\Print;

use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Print\Priced\PrintCost;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/**
 * A blank with artwork on it, as an item like any other: what it costs is the blank and its printing; stock, weight and
 * days are the blank's. So what becomes of the blank (a colour that is dropped, a cost that rises) becomes of it.
 */
final class PrintedItem
{
    /** Between the blank's own code and the placing's number. */
    private const BETWEEN = '~';

    public static function id(string $code, int $placing): string
    {
        return $code.self::BETWEEN.$placing;
    }

    /**
     * @param  Item  $item  the blank as it is said now
     * @param  list<array{string, string}>  $pictures  address and the colour it shows, in their order
     */
    public static function of(Item $item, Blank $blank, int $number, string $name, Placing $placing, array $pictures): Item
    {
        $first = [];
        foreach ($pictures as $n => [, $colour]) {
            $first[$colour] ??= $n;
        }
        $variants = [];
        foreach ($item->variants as $variant) {
            $colour = $variant->options[Blank::COLOUR] ?? '';
            $size = $variant->options[Blank::SIZE] ?? '';
            $chosen = in_array($colour, $placing->colours, true) &&
                ($size === '' || in_array($size, $placing->sizes, true));
            if ($chosen) {
                $id = self::id($variant->id, $number);
                $cost = $variant->cost->plus(PrintCost::of($blank, $placing, $colour, $item->currency));
                $variants[] = new Variant(
                    $id,
                    $id,
                    // The blank's barcode is the blank's.
                    null,
                    $variant->options,
                    $cost,
                    null,
                    $variant->grams,
                    $variant->stock,
                    $first[$colour] ?? null,
                );
            }
        }

        return new Item(
            self::id($item->id, $number),
            mb_substr($name, 0, 400),
            self::words($item, $blank, $placing),
            $item->category,
            array_map(static fn (array $p): string => $p[0], $pictures),
            $item->currency,
            $item->processing,
            null,
            $variants,
        );
    }

    /** HTML: the blank's own words, what it is made of, how it is kept, who prints it where, how large each size is. */
    private static function words(Item $item, Blank $blank, Placing $placing): string
    {
        $e = static fn (string $text): string => htmlspecialchars($text, ENT_QUOTES);
        $facts = $blank->facts;
        $by = [];
        foreach ($placing->printed() as $laid) {
            $by[] = mb_strtolower($blank->method($laid->method)->name ?? '');
        }
        $lines = array_filter([
            $facts->material,
            $by === [] ? '' : 'By '.implode(' and ', array_unique($by)).', printed when ordered',
            $facts->made === '' ? '' : ucfirst($facts->made),
            $facts->care,
        ]);
        $html = $item->description.'<ul>'.
            implode('', array_map(static fn (string $l): string => '<li>'.$e(rtrim($l, '.')).'.</li>', $lines)).'</ul>';
        $table = array_intersect_key($facts->sizes, array_flip($placing->sizes));
        if ($table === []) {
            return $html;
        }
        $measures = array_keys(array_merge(...array_values($table)));
        $html .= '<p>Measures in centimetres, lying flat:</p><table>'.self::row('th', ['Size', ...array_map($e, $measures)]);
        foreach ($table as $size => $said) {
            $html .= self::row('td', [
                $e((string) $size),
                ...array_map(
                    static fn (string $m): string => isset($said[$m]) ? rtrim(rtrim(number_format($said[$m] / 10, 1), '0'), '.') : '',
                    $measures,
                ),
            ]);
        }

        return $html.'</table>';
    }

    /** @param  list<string>  $cells  HTML */
    private static function row(string $cell, array $cells): string
    {
        return '<tr>'.implode('', array_map(static fn (string $c): string => "<$cell>$c</$cell>", $cells)).'</tr>';
    }
}
