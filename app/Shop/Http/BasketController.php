<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Basket\Codes\TypedCode;
use WindowStall\Core\Policies\GrownUpAge;
use WindowStall\Offers\Code;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketCookies;
use WindowStall\Shop\BasketEntry;
use WindowStall\Shop\BasketRow;
use WindowStall\Shop\BoughtWith;
use WindowStall\Shop\GrownUp;
use WindowStall\Shop\PutGift;
use WindowStall\Shop\PutSet;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\SoldOnly;
use WindowStall\Window\Goods\WindowGoods;

/** The basket. Works without script: a choice of options arrives as posted fields and is looked up here. */
final readonly class BasketController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function show(Request $request): Response
    {
        $stall = ShopStall::of($request);

        return $this->page($stall, Basket::find($request, $stall), null);
    }

    public function add(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $listing = Listing::query()
            ->with(Listing::FOR_FIGURES)
            ->where('stall_id', $stall->id)
            ->where('state', ListingState::InWindow)
            ->find($request->integer('listing'));
        $basket = Basket::find($request, $stall);
        if ($listing === null) {
            return $this->page($stall, $basket, Speech::say('till.basket.gone'), 422);
        }
        $from = self::chosenIn($request, $stall);
        $stall = $from === null ? $stall : $stall->seenFrom($from);
        $age = $listing->own_grown_up ? GrownUpAge::of($stall->seen()->country) : null;
        if (! GrownUp::is($request, $age)) {
            return $this->page($stall, $basket, Speech::say('till.grown_up.put', age: (string) $age), 422);
        }
        $figures = ListingFigures::of($stall, $listing);
        $variant = $this->chosen($figures, $request);
        $quantity = $request->has('quantity') ? self::pieces($request) : 1;
        if ($variant === null) {
            return $this->page($stall, $basket, Speech::say('till.basket.not_offered'), 422);
        }
        if ($quantity === null || $quantity < 1 || $quantity > BasketLine::MOST_PIECES) {
            return $this->page($stall, $basket, Speech::say('till.basket.pieces', most: BasketLine::MOST_PIECES), 422);
        }
        if (! $variant->buyable()) {
            $phrases = $stall->phrases();
            $chosen = $phrases->chosen(OptionChoices::of($figures)->chosen($variant));
            $name = $phrases->say($listing->shown_title).($chosen === '' ? '' : ', '.$chosen);

            return $this->page($stall, $basket, Speech::say('till.basket.sold_out', name: $name), 422);
        }
        // Only now: what can't be put in makes no basket.
        $basket ??= Basket::start($stall);
        if ($from !== null) {
            $basket->turnTo($stall, $from);
        }
        if (SoldOnly::by($stall) === $listing->id) {
            // There is no basket to look into: what is bought is what was chosen last.
            $basket->lines()->delete();
        }
        $basket->put($variant->row->id, $quantity, min(BasketLine::MOST_PIECES, $variant->available));
        $basket->chosen($variant);

        return $this->done($request, $stall, $basket, $request->has('straight') ? '/checkout' : '/basket');
    }

    /** One piece of each of the goods of a set. */
    public function set(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $from = self::chosenIn($request, $stall);
        $stall = $from === null ? $stall : $stall->seenFrom($from);
        $pieces = PutSet::pieces($stall, $request->integer('set'), (array) $request->input('variant', []));
        if ($pieces === null) {
            return $this->page($stall, $basket, Speech::say('till.basket.set_gone'), 422);
        }
        $basket ??= Basket::start($stall);
        if ($from !== null) {
            $basket->turnTo($stall, $from);
        }
        PutSet::into($basket, $pieces);

        return $this->done($request, $stall, $basket);
    }

    public function change(Request $request, int $line): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $row = $basket?->lines()->find($line);
        if ($basket === null || ! ($row instanceof BasketRow)) {
            return $this->page($stall, $basket, Speech::say('till.basket.not_in_it'), 404);
        }
        $quantity = $request->has('remove') ? 0 : self::pieces($request);
        if ($quantity === null || $quantity < 0 || $quantity > BasketLine::MOST_PIECES) {
            return $this->page($stall, $basket, Speech::say('till.basket.pieces', most: BasketLine::MOST_PIECES), 422);
        }
        $quantity === 0 ? $row->delete() : $row->update(['quantity' => $quantity]);
        // What was said on the page it was changed on counts; one that stood open for long may have said something else.
        $now = BasketContents::of($stall, $basket)->entry($row->id);
        if ($now !== null && $request->input('seen') === $now->seenAs()) {
            $basket->chosen($now->variant);
        }

        return $this->done($request, $stall, $basket);
    }

    /** Where it is to go, so that the basket says what that costs. */
    public function where(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $country = strtoupper(Typed::text($request, 'country'));
        if (! in_array($country, Places::countries($stall), true)) {
            return $this->page($stall, $basket, Speech::say('till.basket.not_there'), 422);
        }
        if ($basket === null) {
            return redirect()->to('/basket', 303);
        }
        $basket->turnTo($stall, $country);

        return $this->done($request, $stall, $basket);
    }

    /** Takes a code in, or out again. */
    public function code(Request $request): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        if ($basket === null) {
            return redirect()->to('/basket', 303);
        }
        $code = TypedCode::read(mb_substr(Typed::text($request, $request->has('drop') ? 'drop' : 'code'), 0, 200));
        if ($code === null) {
            return $this->page($stall, $basket, Speech::say('till.codes.form'), 422);
        }
        if ($request->has('drop')) {
            $basket->dropCode($code);
        } else {
            $basket->takeCode($code);
            PutGift::of($stall, $basket, $code);
        }
        $refused = BasketContents::of($stall, $basket)->codes->refused[$code] ?? null;
        if ($refused !== null && ! Code::isKnown($stall, $code)) {
            $basket->dropCode($code);

            return $this->page($stall, $basket, $refused, 422);
        }

        return $this->done($request, $stall, $basket);
    }

    /**
     * The country of the page something was chosen on: it is put in at the prices of that page; the basket has those of where
     * it goes.
     */
    private static function chosenIn(Request $request, Stall $stall): ?string
    {
        $said = strtoupper(Typed::text($request, 'country'));

        return in_array($said, Places::countries($stall), true) ? $said : null;
    }

    /** The number typed; null when it is none, which is no wish to have nothing. */
    private static function pieces(Request $request): ?int
    {
        $typed = $request->input('quantity');

        return is_scalar($typed) && preg_match('/^\s*\d{1,6}\s*$/D', (string) $typed) === 1
            ? (int) trim((string) $typed)
            : null;
    }

    private function chosen(ListingFigures $figures, Request $request): ?VariantFigures
    {
        $wanted = (array) $request->input('option', []);
        foreach ($figures->variants as $variant) {
            if (! $variant->on || $variant->price === null) {
                continue;
            }
            if ($request->filled('variant') && $request->integer('variant') === $variant->row->id) {
                return $variant;
            }
            if (
                ! $request->filled('variant') &&
                array_filter(
                    $wanted,
                    static fn (mixed $value, string|int $name): bool => ($variant->options[$name] ?? null) !== $value,
                    ARRAY_FILTER_USE_BOTH,
                ) === []
            ) {
                return $variant;
            }
        }

        return null;
    }

    private function done(Request $request, Stall $stall, Basket $basket, string $to = '/basket'): RedirectResponse
    {
        $count = BasketContents::of($stall, $basket)->count();

        $redirect = redirect()->to($to, 303);
        foreach (BasketCookies::of($basket, $count) as $cookie) {
            $redirect->withCookie($cookie);
        }

        return $redirect;
    }

    private function page(Stall $stall, ?Basket $basket, ?string $trouble, int $status = 200): Response
    {
        $contents = BasketContents::of($stall, $basket);
        $stall = $stall->seenFrom($contents->delivery->to->country);

        return ShopResponse::html(
            $this->renderer->basket($stall, [
                'basket' => $contents,
                'trouble' => $trouble,
                'with' => self::goesWith($stall, $contents),
            ]),
            $status,
            private: true,
        );
    }

    /** One thing more that others bought with what lies in it; null where nothing is known, or nothing lies in it. */
    private static function goesWith(Stall $stall, BasketContents $contents): ?GoodCard
    {
        $listings = array_map(static fn (BasketEntry $e): int => $e->variant->row->listing_id ?? 0, $contents->entries);
        $goods = $listings === [] ? [] : WindowGoods::of($stall)->only(BoughtWith::basket($stall, array_values(array_unique($listings))));
        $buyable = array_filter($goods, static fn (GoodCard $card): bool => ! $card->soldOut);

        return reset($buyable) ?: null;
    }
}
