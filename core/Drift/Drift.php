<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Core\Words\Plural;

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
     * @param  array<int, array{Item, Item}>  $items  agreed and now
     */
    public static function of(array $items): self
    {
        return new self(
            array_merge(
                ...array_map(static fn (array $pair): array => self::between(...$pair)->changes, array_values($items)),
            ),
        );
    }

    public static function between(Item $agreed, Item $now): self
    {
        $changes = self::ofItem($agreed, $now);
        $renamed = Likeness::variants($agreed->variants, $now->variants);
        foreach ($agreed->variants as $before) {
            $after = $now->variant($before->id);
            array_push(
                $changes,
                ...match (true) {
                    $after !== null => self::within($before, $after),
                    isset($renamed[$before->id]) => [self::renamed($before, ...$renamed[$before->id])],
                    default => [self::gone($before)],
                },
            );
        }
        $known = array_map(static fn (array $to): string => $to[0]->id, array_values($renamed));
        foreach ($now->variants as $variant) {
            if ($agreed->variant($variant->id) === null && ! in_array($variant->id, $known, true)) {
                $changes[] = new Change(
                    ChangeKind::VariantNew,
                    $variant->id,
                    $variant->label(),
                    'not offered',
                    'offered at '.self::money($variant->cost),
                );
            }
        }

        return new self($changes);
    }

    /**
     * What is said now of what a change is about, as {@see Change::$said} keeps it; null where it keeps nothing.
     *
     * @return string|int|list<string>|null
     */
    public static function said(Item $now, ChangeKind $kind, string $variant): string|int|array|null
    {
        return match ($kind) {
            ChangeKind::Title => $now->title,
            ChangeKind::Words => $now->description,
            ChangeKind::Pictures => $now->pictures,
            ChangeKind::Cost => $now->variant($variant)?->cost->minor,
            default => null,
        };
    }

    /** The same as a person reads it. */
    public static function told(Item $now, ChangeKind $kind, string $variant): ?string
    {
        $cost = $now->variant($variant)?->cost;

        return match ($kind) {
            ChangeKind::Title => $now->title,
            ChangeKind::Words => self::plain($now->description),
            ChangeKind::Pictures => self::pictures($now),
            ChangeKind::Cost => $cost === null ? null : self::money($cost),
            default => null,
        };
    }

    /** The item as a whole left the supplier's catalogue. */
    public static function left(): Change
    {
        return new Change(ChangeKind::ItemGone, null, 'The item', 'offered', 'no longer offered');
    }

    public static function back(): Change
    {
        return new Change(ChangeKind::ItemBack, null, 'The item', 'no longer offered', 'offered');
    }

    /** In basis points of what it was; from nothing, it moved by everything. */
    public static function movedBp(int $before, int $after): int
    {
        return $before === 0 ? 10_000 : (int) round((($after - $before) * 10_000) / $before);
    }

    /** A variant's cost that was another before. */
    public static function cost(Money $before, Variant $after): Change
    {
        $same = $before->currency->code === $after->cost->currency->code;

        return new Change(
            kind: ChangeKind::Cost,
            variantId: $after->id,
            about: $after->label(),
            before: self::money($before),
            after: self::money($after->cost),
            said: $before->minor,
            movedBp: $same ? self::movedBp($before->minor, $after->cost->minor) : null,
        );
    }

    /** @return list<Change> */
    private static function ofItem(Item $agreed, Item $now): array
    {
        $changes = [];
        if ($agreed->title !== $now->title) {
            $changes[] = new Change(ChangeKind::Title, null, 'Title', $agreed->title, $now->title, $agreed->title);
        }
        if ($agreed->description !== $now->description) {
            $changes[] = new Change(
                kind: ChangeKind::Words,
                variantId: null,
                about: 'Words',
                before: self::plain($agreed->description),
                after: self::plain($now->description),
                said: $agreed->description,
            );
        }
        if ($agreed->pictures !== $now->pictures) {
            $changes[] = new Change(
                kind: ChangeKind::Pictures,
                variantId: null,
                about: 'Pictures',
                before: self::pictures($agreed),
                after: self::pictures($now),
                said: $agreed->pictures,
            );
        }
        if ($agreed->processing != $now->processing) {
            $changes[] = new Change(
                kind: ChangeKind::LeadTime,
                variantId: null,
                about: 'Days to post',
                before: $agreed->processing->words(),
                after: $now->processing->words(),
            );
        }

        return $changes;
    }

    /** @return list<Change> */
    private static function within(Variant $before, Variant $after): array
    {
        $about = static fn (ChangeKind $kind, string $was, string $is): Change => new Change(
            $kind,
            $after->id,
            $after->label(),
            $was,
            $is,
        );
        $changes = [];
        if ($before->cost != $after->cost) {
            $changes[] = self::cost($before->cost, $after);
        }
        if ($before->pieces() > 0 && $after->pieces() === 0) {
            $changes[] = $about(ChangeKind::SoldOut, $before->pieces().' in stock', 'sold out');
        }
        if ($before->pieces() === 0 && $after->pieces() > 0) {
            $changes[] = $about(ChangeKind::BackInStock, 'sold out', $after->pieces().' in stock');
        }
        if ($before->options !== $after->options && $before->label() !== $after->label()) {
            $changes[] = $about(ChangeKind::Options, $before->label(), $after->label());
        }
        if ($before->grams !== $after->grams) {
            $changes[] = $about(ChangeKind::Weight, $before->grams.' g', $after->grams.' g');
        }
        if ($before->rrp != $after->rrp) {
            $rrp = static fn (?Money $money): string => $money === null ? 'none' : self::money($money);
            $changes[] = $about(ChangeKind::Rrp, $rrp($before->rrp), $rrp($after->rrp));
        }

        return $changes;
    }

    private static function money(Money $money): string
    {
        return $money->digits().' '.$money->currency->code;
    }

    private static function pictures(Item $item): string
    {
        return Plural::of(count($item->pictures), 'picture');
    }

    /** What it cost then is kept, for when it comes back. */
    private static function gone(Variant $variant): Change
    {
        return new Change(
            kind: ChangeKind::VariantGone,
            variantId: $variant->id,
            about: $variant->label(),
            before: 'offered',
            after: 'no longer offered',
            said: $variant->cost->minor,
        );
    }

    private static function renamed(Variant $before, Variant $after, string $why): Change
    {
        return new Change(
            kind: ChangeKind::VariantRenamed,
            variantId: $before->id,
            about: $before->label(),
            before: $before->sku,
            after: sprintf('%s, by %s', $after->sku, $why),
            said: $after->id,
        );
    }

    private static function plain(string $html): string
    {
        $text = trim(preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags($html), ENT_QUOTES | ENT_HTML5)) ?? '');

        return mb_strimwidth($text, 0, 160, '…');
    }
}
