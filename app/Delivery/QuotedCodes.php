<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Prices\FloorPrice;
use WindowStall\Offers\AskedCodes;
use WindowStall\Offers\CodedLine;
use WindowStall\Offers\CodesAtTill;
use WindowStall\Offers\TillCodes;
use WindowStall\Stall\Stall;

/** What codes take off goods that are asked for from outside a basket, as they would off a basket of the same. */
final readonly class QuotedCodes
{
    public function __construct(private CodesAtTill $till)
    {
    }

    /**
     * @param  list<WantedLine>  $lines  at the prices of the market the stall is seen from
     * @param  list<string>  $typed  as {@see \WindowStall\Core\Basket\Codes\TypedCode} reads them
     */
    public function __invoke(Stall $stall, array $lines, array $typed, string $country): TillCodes
    {
        $listings = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->whereKey(array_map(static fn (WantedLine $line): int => $line->listing, $lines))
            ->get();
        $floors = [];
        foreach ($listings as $listing) {
            $figures = ListingFigures::of($stall, $listing);
            foreach ($figures->variants as $variant) {
                $floors[$variant->row->id] = FloorPrice::of($stall, $figures, $variant);
            }
        }

        return ($this->till)(
            $stall,
            new AskedCodes($typed, $country),
            array_map(static fn (WantedLine $line): CodedLine => new CodedLine(
                key: $line->variant,
                listing: $line->listing,
                tags: $line->tags,
                pieces: $line->pieces,
                total: ($line->shown ?? $stall->seen()->show($line->price))->minor,
                floor: ($floors[$line->variant] ?? 0) === PHP_INT_MAX ? PHP_INT_MAX : ($floors[$line->variant] ?? 0) * $line->pieces,
            ), $lines),
            $stall->seen()->show($stall->terms($country)->charged)->minor,
        );
    }
}
