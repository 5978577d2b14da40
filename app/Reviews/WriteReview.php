<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/** Takes down what a buyer says, once for each of the goods of an order; what has to be looked at isn't shown before that. */
final readonly class WriteReview
{
    /** @return Review|null null where they have said something of it before */
    public function __invoke(Stall $stall, Listing $listing, int $order, ?Carbon $bought, SaidReview $said): ?Review
    {
        $held = HeldFor::in($said->words.' '.$said->name, count($said->pictures));

        return DB::transaction(static function () use ($stall, $listing, $order, $bought, $said, $held): ?Review {
            $first = DB::table('reviews')->insertOrIgnore([
                'stall_id' => $stall->id,
                'listing_id' => $listing->id,
                'order_id' => $order,
                'verified' => true,
                'stars' => $said->stars,
                'words' => $said->words,
                'name' => $said->name,
                'pictures' => json_encode($said->pictures, JSON_THROW_ON_ERROR),
                'language' => $said->language,
                'state' => ($held === [] ? ReviewState::Shown : ReviewState::Held)->value,
                'held_for' => json_encode(array_column($held, 'value'), JSON_THROW_ON_ERROR),
                'bought_at' => $bought,
                'written_at' => now(),
            ]);
            if ($first === 0) {
                return null;
            }
            if ($held === []) {
                StalePages::goods($stall, [$listing->slug]);
            }

            return Review::of($stall)->where('order_id', $order)->where('listing_id', $listing->id)->firstOrFail();
        });
    }
}
