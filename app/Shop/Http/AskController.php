<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Reviews\Questions\AskQuestion;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;

/** A shopper asks about goods. */
final readonly class AskController
{
    public function __construct(private ShortAnswer $answer)
    {
    }

    public function __invoke(Request $request, AskQuestion $ask): Response
    {
        $stall = ShopStall::of($request);
        $listing = Listing::of($stall)->where('state', ListingState::InWindow)->find($request->integer('listing'));
        abort_if($listing === null, 404);
        [$words, $email] = [trim(Typed::text($request, 'question')), Typed::text($request, 'email')];
        $wrong = match (true) {
            $words === '' => Speech::say('shop.asked.no_words'),
            mb_strlen($words) > GoodsQuestion::MOST_LETTERS => Speech::say('shop.asked.too_long', most: GoodsQuestion::MOST_LETTERS),
            ! ShortAnswer::isAddress($email) => Speech::say('shop.letters.no_address'),
            default => '',
        };
        if ($wrong !== '') {
            return $this->answer->say($stall, Speech::say('shop.sign_up.one_more'), $wrong, 422);
        }

        return $ask($stall, $listing, $words, $email, Speech::language(), $request->has('may_show'))
            ? $this->answer->say($stall, Speech::say('shop.waited.thanks'), Speech::say('shop.asked.kept', shop: $stall->name))
            : $this->answer->say($stall, Speech::say('shop.asked.heading'), Speech::say('shop.asked.too_many'), 429);
    }
}
