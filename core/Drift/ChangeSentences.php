<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Words\Plural;

/** A group of changes in one sentence, and what they do in another: on the desk and in the digest alike. */
final readonly class ChangeSentences
{
    private function __construct(public string $headline, public string $effect, public bool $bad)
    {
    }

    public static function of(string $supplier, ChangeGroup $group, GroupFigures $f): self
    {
        $one = $f->count === 1;
        $them = $one ? 'it' : 'them';

        return match ($group) {
            ChangeGroup::CostUp => self::costs($supplier.' raised ', $f),
            ChangeGroup::CostDown => self::costs($supplier.' lowered ', $f),
            ChangeGroup::Rewritten => new self(
                $supplier.' rewrote '.self::rewritten($f->kinds),
                'What you agreed to stands; nobody sees theirs.',
                false,
            ),
            ChangeGroup::VariantNew => new self(
                $supplier.
                    ' offers '.
                    self::some($f->count, 'a new variant', 'new variants').
                    ' of '.
                    self::items($f),
                "Shoppers don’t see $them until you agree.",
                false,
            ),
            ChangeGroup::VariantGone => new self(
                $supplier.' took '.self::some($f->count, 'a variant', 'variants').' off '.self::items($f),
                $one
                    ? 'It can’t be bought any more; agreeing takes it off the listing.'
                    : 'They can’t be bought any more; agreeing takes them off their listings.',
                true,
            ),
            ChangeGroup::Delivery => self::delivery($supplier, $f),
            ChangeGroup::Options => new self(
                $supplier.
                    ' calls '.
                    self::some($f->count, 'a variant', 'variants').
                    ' of '.
                    self::items($f).
                    ' otherwise',
                'Values you named yourself go by their old names; look whether they still fit.',
                false,
            ),
            ChangeGroup::Renamed => new self(
                $supplier.
                    ' seems to have '.
                    self::some($f->count, 'something of yours', 'things of yours').
                    ' under another code',
                "Shoppers can’t buy $them until you agree that ".($one ? 'it is' : 'they are').
                    ' the same; listing, prices, orders and address stay.',
                true,
            ),
            ChangeGroup::ItemGone => new self(
                $supplier.' no longer offers '.self::some($f->count, 'an item of yours', 'items of yours'),
                ($one ? 'It' : 'They')." can’t be bought; agreeing puts $them by, with orders and address kept.",
                true,
            ),
            ChangeGroup::ItemBack => new self(
                $supplier.' offers '.self::some($f->count, 'an item of yours', 'items of yours').' again',
                "Agreeing lays $them on the bench.",
                false,
            ),
            ChangeGroup::SoldOut => new self(
                $supplier.' sold out of '.self::some($f->count, 'a variant', 'variants'),
                "Shoppers can’t buy $them meanwhile.",
                true,
            ),
            ChangeGroup::BackInStock => new self(
                $supplier.' has '.self::some($f->count, 'a variant', 'variants').' again',
                "Shoppers can buy $them.",
                false,
            ),
            ChangeGroup::Weight => new self(
                $supplier.' changed '.self::some($f->count, 'a weight', 'weights'),
                'Delivery is reckoned by it.',
                false,
            ),
            ChangeGroup::LeadTime => new self(
                $supplier.' takes another time to post '.self::some($f->count, 'an item', 'items'),
                'Your pages say so.',
                false,
            ),
            ChangeGroup::Rrp => new self(
                $supplier.' changed '.self::some($f->count, 'a recommended price', 'recommended prices'),
                'Recipes that look at it follow.',
                false,
            ),
        };
    }

    private static function costs(string $did, GroupFigures $f): self
    {
        return new self(
            headline: $did.self::some($f->count, 'a cost', 'costs').self::by($f),
            effect: self::effect($f),
            bad: $f->underFloor > 0,
        );
    }

    private static function delivery(string $supplier, GroupFigures $f): self
    {
        return new self(
            headline: $supplier.
                ' changed what delivery of '.
                self::some($f->count, 'a variant', 'variants').
                ' costs'.
                self::by($f),
            effect: self::effect($f),
            bad: $f->underFloor > 0,
        );
    }

    /** What agreeing does in money. */
    private static function effect(GroupFigures $f): string
    {
        $effect = array_filter([
            $f->stays === null ? '' : 'as prices stand you keep '.self::less($f->stays).' of a sale',
            match (true) {
                $f->moving === 0 => '',
                $f->less === null => self::some($f->moving, 'one price moves', 'prices move').' if you agree',
                default => self::some($f->moving, 'one price moves', 'prices move').
                    ' if you agree, and you keep '.
                    self::less($f->less),
            },
        ]);
        if ($f->underFloor > 0) {
            $effect[] =
                $f->underFloor === 1
                    ? 'one stands under the floor and isn’t sold meanwhile'
                    : $f->underFloor.' stand under the floor and aren’t sold meanwhile';
        }
        $words = implode('; ', $effect);

        return $words === '' ? 'No price moves by it.' : ucfirst($words).'.';
    }

    /** "by 5 to 60%", of one ", by 60%" */
    private static function by(GroupFigures $f): string
    {
        [$least, $most] = [self::percent($f->leastBp), self::percent($f->mostBp)];

        return ($f->count === 1 ? ' by ' : ', by ').($least === $most ? $most : $least.' to '.$most).'%';
    }

    private static function less(Money $less): string
    {
        return $less->minor === 0
            ? 'as much as before'
            : (new Money(abs($less->minor), $less->currency))->said().($less->minor > 0 ? ' less' : ' more');
    }

    /** @param  array<string, int>  $kinds */
    private static function rewritten(array $kinds): string
    {
        $parts = array_filter([
            ($kinds['title'] ?? 0) > 0 ? self::some($kinds['title'], 'a title', 'titles') : '',
            ($kinds['words'] ?? 0) > 0 ? self::some($kinds['words'], 'a description', 'descriptions') : '',
            ($kinds['pictures'] ?? 0) > 0
                ? 'the pictures of '.self::some($kinds['pictures'], 'an item', 'items')
                : '',
        ]);
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts).' and '.$last;
    }

    private static function items(GroupFigures $f): string
    {
        return Plural::spoken($f->listings, 'item');
    }

    private static function some(int $n, string $one, string $many): string
    {
        return $n === 1 ? $one : number_format($n).' '.$many;
    }

    private static function percent(int $bp): string
    {
        return $bp < 100
            ? rtrim(rtrim(number_format($bp / 100, 1, '.', ''), '0'), '.')
            : (string) (int) round($bp / 100);
    }
}
