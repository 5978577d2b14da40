<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Questions;

use WindowStall\Bench\Listing;
use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Stall\Stall;

/** A shopper asks about goods: the stall reads it, nobody else before it is answered. */
final class AskQuestion
{
    /** Questions of one of the goods that may wait; beyond that somebody is playing. */
    private const MOST = 500;

    /** @return bool false where too many wait already */
    public function __invoke(Stall $stall, Listing $listing, string $words, string $email, string $language, bool $mayShow): bool
    {
        $waiting = GoodsQuestion::waiting($stall)->where('listing_id', $listing->id);
        if ((clone $waiting)->count() >= self::MOST) {
            return false;
        }
        $same = ['email' => mb_strtolower($email), 'words' => $words, 'listing_id' => $listing->id];
        if ((clone $waiting)->where($same)->doesntExist()) {
            GoodsQuestion::of($stall)->create($same + [
                'language' => $language,
                'may_show' => $mayShow,
                'held_for' => array_map(static fn (HeldFor $for): string => $for->value, HeldFor::in($words, 0)),
                'asked_at' => now(),
            ]);
        }

        return true;
    }
}
