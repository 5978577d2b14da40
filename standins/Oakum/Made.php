<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Support\Str;

/** Goods that Oakum makes or finds for one account. */
final class Made
{
    /** Pieces of it that lie in Britain once it is made. */
    private const PIECES = 200;

    /**
     * Something like goods it has, under another name.
     *
     * @param  array<string, mixed>  $makes  {title, like: an item's code}
     *
     * @throws Refused
     */
    public static function goods(string $key, array $makes, int $cost, int $pieces): string
    {
        $like = self::item((string) ($makes['like'] ?? ''));
        $first = Books::table('variants')->where('item_id', $like->id)->orderBy('position')->limit(1)->get();

        return self::copy($key, $like, $first->all(), (string) $makes['title'], static fn (): int => $cost, max($pieces, self::PIECES));
    }

    /**
     * All variants of an item, changed, each for so much more.
     *
     * @throws Refused
     */
    public static function changed(string $key, string $item, int $more, string $words): string
    {
        $like = self::item($item);
        $variants = Books::table('variants')->where('item_id', $like->id)->where('dropped', false)->orderBy('position')->get();

        return self::copy(
            $key,
            $like,
            $variants->all(),
            $like->title.', '.Str::limit(lcfirst($words), 60),
            static fn (\stdClass $variant): int => $variant->cost + $more,
            self::PIECES,
        );
    }

    private static function item(string $code): \stdClass
    {
        return Books::table('items')->where('id', $code)->where('gone', false)->first()
            ?? throw new Refused(sprintf('No goods have the code “%s”.', $code));
    }

    /**
     * @param  array<\stdClass>  $variants
     * @param  callable(\stdClass): int  $cost
     */
    private static function copy(string $key, \stdClass $like, array $variants, string $title, callable $cost, int $pieces): string
    {
        $code = 'OD-'.(90_000 + Books::table('items')->whereNotNull('made_for')->count() + 1);
        Books::table('items')->insert(['id' => $code, 'title' => $title, 'made_for' => $key] + (array) $like);
        foreach ($variants as $n => $variant) {
            $options = json_decode($variant->options, true);
            $id = Catalogue::variantId($code, ...array_values($options), ...[(string) $n]);
            Books::table('variants')->insert([
                'id' => $id,
                'item_id' => $code,
                'position' => $n,
                'sku' => $id,
                'barcode' => '',
                'cost' => $cost($variant),
                'stock' => json_encode(['GB' => $pieces]),
            ] + (array) $variant);
        }

        return $code;
    }
}
