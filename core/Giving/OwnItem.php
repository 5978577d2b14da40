<?php

declare(strict_types=1);

namespace WindowStall\Core\Giving;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Giving;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Goods of a stall's own as an item, as a supplier would say it: a file is one variant that never ends, each time one of its own. */
final class OwnItem
{
    /** Of a file there are always enough. */
    private const ENDLESS = 1_000_000;

    /**
     * @param  string  $country  the stall's, ISO 3166-1
     * @param  Money  $cost  of one piece, in the stall's currency
     * @param  list<Appointment>  $times
     * @param  list<int>  $amounts  that gift cards are sold for, minor units of the stall's currency
     */
    public static function of(
        string $id,
        Giving $giving,
        string $name,
        string $country,
        Money $cost,
        array $times = [],
        array $amounts = [],
    ): Item {
        $variants = match ($giving) {
            Giving::Download => [self::variant($id.'/file', [], self::ENDLESS, $country, $cost)],
            // What is paid for a card is owed to whoever has it: it costs what it is worth.
            Giving::GiftCard => array_map(static fn (int $minor): Variant => self::variant(
                $id.'/'.$minor,
                ['Amount' => $cost->with($minor)->digits()],
                self::ENDLESS,
                $country,
                $cost->with($minor),
            ), $amounts),
            Giving::Appointment => array_map(static fn (Appointment $one): Variant => self::variant(
                $id.'/'.$one->code(),
                ['When' => $one->words()],
                $one->places,
                $country,
                $cost,
            ), $times),
        };

        return new Item($id, $name, '', '', [], $cost->currency->code, new DayRange(0, 0), null, $variants, giving: $giving);
    }

    /** @param  array<string, string>  $options */
    private static function variant(string $id, array $options, int $stock, string $country, Money $cost): Variant
    {
        return new Variant($id, $id, null, $options, $cost, null, 0, [$country => $stock], null);
    }
}
