<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Shop\Back\BackWishes;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;

/** A shopper wishes to be told when goods can be bought again. */
final readonly class BackController
{
    public function __construct(private ShortAnswer $answer)
    {
    }

    public function __invoke(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $listing = Listing::of($stall)
            ->where('state', ListingState::InWindow)
            ->find($request->integer('listing'));
        abort_if($listing === null, 404);
        $consent = Speech::say('shop.waited.consent', shop: $stall->name);
        $email = Typed::text($request, 'email');
        if ($request->input('agreed') !== '1') {
            return $this->answer->say($stall, Speech::say('shop.sign_up.one_more'), Speech::say('shop.sign_up.tick', consent: $consent), 422);
        }
        if (! ShortAnswer::isAddress($email)) {
            return $this->answer->say($stall, Speech::say('shop.sign_up.address'), Speech::say('shop.letters.no_address'), 422);
        }
        BackWishes::keep($stall, $listing, $email, Speech::language(), $consent);

        return $this->answer->say($stall, Speech::say('shop.waited.thanks'), Speech::say('shop.waited.kept', goods: $listing->shown_title));
    }
}
