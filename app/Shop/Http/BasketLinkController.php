<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketCookies;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/** A basket taken along: an address that shows its goods, and puts them into the basket of whoever opens it. */
final readonly class BasketLinkController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    /** Makes the address, or shows it again. */
    public function make(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        if ($basket === null || ! $basket->lines()->exists()) {
            return redirect()->to('/basket', 303);
        }
        if ($basket->link === null) {
            // Of two presses at once the first one's address stands.
            Basket::query()->whereKey($basket->id)->whereNull('link')->update(['link' => Str::random(24)]);
        }
        $basket->refresh()->touch();

        return $this->page($stall, $basket, own: true);
    }

    public function show(Request $request, string $link): Response
    {
        $stall = ShopStall::of($request);

        return $this->page($stall, self::linked($stall, $link), own: false);
    }

    /** Puts its goods in besides what is there, as far as there are pieces. */
    public function take(Request $request, string $link): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $from = self::linked($stall, $link);
        $own = Basket::find($request, $stall);
        $basket = $own ?? Basket::start($stall);
        if ($own === null) {
            // A new one goes where that one goes, at those prices.
            $basket->turnTo($stall, $from->destination($stall)->country);
        }
        if ($basket->id !== $from->id) {
            foreach (BasketContents::of($stall, $from)->entries as $entry) {
                $most = min(BasketLine::MOST_PIECES, $entry->available);
                if ($most > 0) {
                    $basket->put($entry->variant->row->id, $entry->quantity, $most);
                    $basket->chosen($entry->variant);
                }
            }
        }
        $redirect = redirect()->to('/basket', 303);
        foreach (BasketCookies::of($basket, BasketContents::of($stall, $basket)->count()) as $cookie) {
            $redirect->withCookie($cookie);
        }

        return $redirect;
    }

    private static function linked(Stall $stall, string $link): Basket
    {
        return Basket::query()->where('stall_id', $stall->id)->where('link', $link)->firstOrFail();
    }

    private function page(Stall $stall, Basket $basket, bool $own): Response
    {
        $contents = BasketContents::of($stall, $basket);
        $stall = $stall->seenFrom($contents->delivery->to->country);

        return ShopResponse::html(
            $this->renderer->page($stall, $this->renderer->published($stall), 'basket-link', [
                'title' => Speech::say($own ? 'till.link.heading' : 'till.link.title'),
                'description' => Speech::say('till.link.about', shop: $stall->name),
                'days' => BasketCookies::DAYS,
                'basket' => $contents,
                'own' => $own,
                'link' => '/basket/from/'.$basket->link,
                'address' => $stall->shopAddress('/basket/from/'.$basket->link),
            ]),
            private: true,
        );
    }
}
