<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketRow;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;

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
        $listing = Listing::query()->with(Listing::FOR_FIGURES)->where('stall_id', $stall->id)->where('state', ListingState::InWindow)->find($request->integer('listing'));
        $basket = Basket::findOrStart($request, $stall);
        if ($listing === null) {
            return $this->page($stall, $basket, 'That is no longer on the stall.', 422);
        }
        $variant = $this->chosen(ListingFigures::of($stall, $listing), $request);
        $quantity = $request->has('quantity') ? $request->integer('quantity') : 1;
        if ($variant === null) {
            return $this->page($stall, $basket, 'That combination isn’t offered. Go back and choose another.', 422);
        }
        if ($quantity < 1 || $quantity > BasketLine::MOST_PIECES) {
            return $this->page($stall, $basket, sprintf('Choose 1 to %d pieces.', BasketLine::MOST_PIECES), 422);
        }
        if (! $variant->buyable()) {
            return $this->page($stall, $basket, sprintf('%s%s has sold out.', $listing->shown_title, $variant->label === '' ? '' : ', '.$variant->label), 422);
        }
        $row = $basket->lines()->firstOrNew(['listing_variant_id' => $variant->row->id], ['quantity' => 0]);
        $row->quantity = min(BasketLine::MOST_PIECES, $variant->available, $row->quantity + $quantity);
        $row->save();

        return $this->done($request, $stall, $basket);
    }

    public function change(Request $request, int $line): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $basket = Basket::find($request, $stall);
        $row = $basket?->lines()->find($line);
        if ($basket === null || ! $row instanceof BasketRow) {
            return $this->page($stall, $basket, 'That is no longer in the basket.', 404);
        }
        $quantity = $request->has('remove') ? 0 : $request->integer('quantity', -1);
        if ($quantity < 0 || $quantity > BasketLine::MOST_PIECES) {
            return $this->page($stall, $basket, sprintf('Choose 1 to %d pieces.', BasketLine::MOST_PIECES), 422);
        }
        $quantity === 0 ? $row->delete() : $row->update(['quantity' => $quantity]);

        return $this->done($request, $stall, $basket);
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
            if (! $request->filled('variant') && array_filter($wanted, static fn (mixed $value, string|int $name): bool => ($variant->options[$name] ?? null) !== $value, ARRAY_FILTER_USE_BOTH) === []) {
                return $variant;
            }
        }

        return null;
    }

    private function done(Request $request, Stall $stall, Basket $basket): RedirectResponse
    {
        $count = BasketContents::of($stall, $basket)->count();

        return redirect()->to('/basket', 303)
            ->withCookie(Cookie::create(Basket::COOKIE, $basket->id, now()->addDays(30), '/', null, $request->isSecure(), true, false, 'lax'))
            // Read by the island that shows the number in the masthead; carries nothing else.
            ->withCookie(Cookie::create('basket_count', (string) $count, now()->addDays(30), '/', null, $request->isSecure(), false, false, 'lax'));
    }

    private function page(Stall $stall, ?Basket $basket, ?string $trouble, int $status = 200): Response
    {
        $contents = BasketContents::of($stall, $basket);

        return ShopResponse::html($this->renderer->page($stall, $this->renderer->published($stall), 'basket', ['title' => 'Basket', 'basket' => $contents, 'trouble' => $trouble]), $status, private: true);
    }
}
