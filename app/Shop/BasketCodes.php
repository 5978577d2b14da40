<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Source\Giving;
use WindowStall\Offers\AskedCodes;
use WindowStall\Offers\CodedLine;
use WindowStall\Offers\CodesAtTill;
use WindowStall\Offers\TillCodes;
use WindowStall\Stall\Stall;

/** What codes take off a basket: those its shopper typed, and those that count by themselves. */
final class BasketCodes
{
    /** @param  list<BasketEntry>  $entries */
    public static function of(Stall $stall, ?Basket $basket, array $entries, Destination $to, ?string $email): TillCodes
    {
        // What has sold out isn't paid for, so nothing is taken off it.
        // A gift card is money: nothing is taken off it.
        $coded = static fn (BasketEntry $e): bool => $e->trouble() === null && $e->giving !== Giving::GiftCard;
        $sold = array_values(array_filter($entries, $coded));
        $lines = array_map(static fn (BasketEntry $e): CodedLine => new CodedLine(
            key: $e->variant->row->id,
            listing: $e->listing,
            tags: $e->tags,
            pieces: $e->quantity,
            total: $e->total()->minor,
            floor: $e->floor === PHP_INT_MAX ? PHP_INT_MAX : $e->floor * $e->quantity,
        ), $sold);

        // In the market's currency, as the lines are.
        return app(CodesAtTill::class)(
            $stall,
            new AskedCodes($basket->codes ?? [], $to->country, $basket->id ?? '', $email),
            $lines,
            // What one that makes delivery free is weighed by against others: what prices reckon with.
            $stall->seen()->show($stall->terms($to->country)->charged)->minor,
        );
    }
}
