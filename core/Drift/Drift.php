<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Source\SupplierItem;
use WindowStall\Core\Source\SupplierVariant;

/** What changed between the supplier's word at the last agreement and now. Stock counts only when it crosses nought. */
final readonly class Drift
{
    /** @param  list<Change>  $changes words first, then variant by variant in the supplier's order */
    private function __construct(public array $changes)
    {
    }

    /**
     * Of a listing joined from several items, all changes together.
     *
     * @param  array<int, array{SupplierItem, SupplierItem}>  $items  agreed and now
     */
    public static function of(array $items): self
    {
        return new self(array_merge(...array_map(static fn (array $pair): array => self::between(...$pair)->changes, array_values($items))));
    }

    public static function between(SupplierItem $agreed, SupplierItem $now): self
    {
        $changes = [];
        if ($agreed->title !== $now->title) {
            $changes[] = new Change(ChangeKind::Title, null, 'Title', $agreed->title, $now->title);
        }
        if ($agreed->description !== $now->description) {
            $changes[] = new Change(ChangeKind::Words, null, 'Words', self::plain($agreed->description), self::plain($now->description));
        }
        if ($agreed->pictures !== $now->pictures) {
            $changes[] = new Change(ChangeKind::Pictures, null, 'Pictures', count($agreed->pictures).' pictures', count($now->pictures).' pictures');
        }
        foreach ($agreed->variants as $before) {
            $after = $now->variant($before->id);
            array_push($changes, ...($after === null ? [self::gone($before)] : self::within($before, $after)));
        }
        foreach ($now->variants as $variant) {
            if ($agreed->variant($variant->id) === null) {
                $changes[] = new Change(ChangeKind::VariantNew, $variant->id, $variant->label(), 'not offered', 'offered at '.$variant->cost->digits().' '.$variant->cost->currency->code);
            }
        }

        return new self($changes);
    }

    /** @return list<Change> */
    private static function within(SupplierVariant $before, SupplierVariant $after): array
    {
        $changes = [];
        if ($before->cost->minor !== $after->cost->minor) {
            $changes[] = new Change(ChangeKind::Cost, $after->id, $after->label(), $before->cost->digits().' '.$before->cost->currency->code, $after->cost->digits().' '.$after->cost->currency->code);
        }
        if ($before->pieces() > 0 && $after->pieces() === 0) {
            $changes[] = new Change(ChangeKind::SoldOut, $after->id, $after->label(), $before->pieces().' in stock', 'sold out');
        }
        if ($before->pieces() === 0 && $after->pieces() > 0) {
            $changes[] = new Change(ChangeKind::BackInStock, $after->id, $after->label(), 'sold out', $after->pieces().' in stock');
        }

        return $changes;
    }

    private static function gone(SupplierVariant $variant): Change
    {
        return new Change(ChangeKind::VariantGone, $variant->id, $variant->label(), 'offered', 'no longer offered');
    }

    private static function plain(string $html): string
    {
        $text = trim(preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags($html), ENT_QUOTES | ENT_HTML5)) ?? '');

        return mb_strimwidth($text, 0, 160, '…');
    }
}
