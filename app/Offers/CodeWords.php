<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use WindowStall\Bench\Listing;
use WindowStall\Core\Basket\Codes\AmountOff;
use WindowStall\Core\Basket\Codes\Gift;
use WindowStall\Core\Basket\Codes\PercentOff;
use WindowStall\Core\Basket\Codes\PiecesFree;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Words\Plural;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Support\Views\MoneyView;

/** Codes in sentences. */
final class CodeWords
{
    /** "10% off", "£5.00 off", "3 for the price of 2", "free delivery". */
    public static function off(Stall $stall, Code $code): string
    {
        $off = $code->off($stall);

        return match (true) {
            $off instanceof PercentOff => $off->share->percent().' off',
            $off instanceof AmountOff => MoneyView::text($off->amount).' off',
            $off instanceof PiecesFree => sprintf('%d for the price of %d', $off->of, $off->paid),
            $off instanceof Gift => self::gift($stall, $off).' as a gift',
            $off instanceof SetPrice => 'together for '.MoneyView::text($off->price),
            default => 'free delivery',
        };
    }

    /** What is given away, as it is called in the language that is read. */
    public static function gift(Stall $stall, Gift $gift): string
    {
        return $stall->phrases()->say((string) Listing::of($stall)->whereKey($gift->goods)->value('shown_title'));
    }

    /**
     * @param  list<int>  $goods  listings
     * @return list<string> their names in the language that is read, in their order
     */
    private static function goods(Stall $stall, array $goods): array
    {
        $titles = Listing::of($stall)->whereKey($goods)->pluck('shown_title', 'id')->all();

        return array_values(array_map(
            static fn (int $id): string => $stall->phrases()->say((string) ($titles[$id] ?? '')),
            $goods,
        ));
    }

    /** The same in the language the shopper reads. */
    public static function forShopper(Stall $stall, Code $code): string
    {
        $off = $code->off($stall);

        return match (true) {
            $off instanceof PercentOff => Speech::say('till.codes.percent', share: Spoken::percent($off->share)),
            $off instanceof AmountOff => Speech::say('till.codes.amount', amount: $off->amount),
            $off instanceof PiecesFree => Speech::say('till.codes.pieces', of: $off->of, paid: $off->paid),
            $off instanceof Gift => Speech::say('till.codes.gift', gift: self::gift($stall, $off)),
            $off instanceof SetPrice => Speech::say(
                'till.codes.set',
                goods: Spoken::all(self::goods($stall, $off->goods)),
                price: $off->price,
            ),
            default => Speech::say('till.codes.free_delivery'),
        };
    }

    /** The same with what it is taken off: "10% off everything", "free delivery for goods tagged gift". */
    public static function whole(Stall $stall, Code $code): string
    {
        if ($code->reduction['by'] === 'set') {
            return str_replace(' or ', ' and ', self::holds($stall, $code)).' '.self::off($stall, $code);
        }
        $joined = match ($code->reduction['by']) {
            'pieces' => ' of ',
            'delivery' => ' for ',
            'gift' => ' with ',
            default => ' ',
        };

        return self::off($stall, $code).$joined.self::holds($stall, $code);
    }

    /** What it holds for: "everything", "goods tagged gift", "the shelf Presents". */
    public static function holds(Stall $stall, Code $code): string
    {
        $values = $code->holds['values'] ?? [];
        $names = match ($code->holds['by']) {
            'tags' => array_map(strval(...), $values),
            'shelves' => Shelf::of($stall)->whereKey($values)->orderBy('name')->pluck('name')->map(strval(...))->all(),
            'goods' => Listing::of($stall)
                ->whereKey($values)
                ->orderBy('shown_title')
                ->pluck('shown_title')
                ->map(strval(...))
                ->all(),
            default => [],
        };
        $last = array_pop($names);
        $listed = $names === [] ? (string) $last : implode(', ', $names).' or '.$last;

        return match ($code->holds['by']) {
            'tags' => 'goods tagged '.$listed,
            'shelves' => 'what stands on '.($listed === '' ? 'no shelf any more' : $listed),
            'goods' => $listed === '' ? 'nothing any more' : $listed,
            default => 'everything',
        };
    }

    /** @return list<string> what has to be so, each as a part of a sentence */
    public static function terms(Stall $stall, Code $code): array
    {
        $clock = Clock::of($stall);

        return array_values(array_filter([
            $code->starts_at === null ? null : 'from '.$clock->moment($code->starts_at),
            $code->ends_at === null ? null : 'until '.$clock->moment($code->ends_at),
            $code->least_minor === null ? null : 'for goods worth '.MoneyView::text($stall->money($code->least_minor)).' or more',
            $code->countries === [] ? null : 'to '.implode(' or ', array_map(Stall::countrySaid(...), $code->countries)),
            $code->most_uses === null ? null : self::times($code->most_uses).' in all',
            $code->most_each === null ? null : self::times($code->most_each).' for each customer',
            $code->first_only ? 'for a first order' : null,
            $code->together ? null : 'not together with others',
            $code->under_floor ? 'under the floor, too' : null,
        ]));
    }

    private static function times(int $count): string
    {
        return $count === 1 ? 'once' : Plural::of($count, 'time');
    }

    /** Where it stands: "runs", "runs from 3 December", "ended …", "used up". */
    public static function stands(Stall $stall, Code $code, int $uses): string
    {
        $clock = Clock::of($stall);

        return match (true) {
            $code->most_uses !== null && $uses >= $code->most_uses => 'used up',
            $code->ends_at !== null && $code->ends_at <= now() => 'ended '.$clock->moment($code->ends_at),
            $code->starts_at !== null && $code->starts_at > now() => 'begins '.$clock->moment($code->starts_at),
            default => 'runs',
        };
    }
}
