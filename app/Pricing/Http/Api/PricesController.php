<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Prices\Price;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;

/**
 * GET /api/v1/prices?market=: what each variant is sold for in a market, what that costs and keeps. Amounts are decimal
 * strings.
 */
final class PricesController
{
    public function __invoke(Request $request): JsonResponse
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);
        $page = Page::of($request);
        $market =
            $request->validate(
                ['market' => ['sometimes', 'string', Rule::in($stall->soldTo())]],
                ['market' => 'One of these belongs here: '.implode(', ', $stall->soldTo()).'.'],
            )['market'] ?? $stall->home_market;
        $rows = ListingVariant::query()
            ->with(['prices' => fn ($q) => $q->where('market', $market), 'listing', 'supplierVariant', 'sold'])
            ->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))
            ->where('id', '>', $page->after)
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();

        return $page->answer(
            $rows,
            static fn (ListingVariant $v): array => self::say($stall, $v, $v->priceIn($market), $market),
        );
    }

    /** @return array<string, mixed> */
    private static function say(Stall $stall, ListingVariant $v, ?Price $p, string $market): array
    {
        $digits = static fn (?int $minor): ?string => $stall->moneyOrNull($minor)?->digits();

        return [
            'id' => $v->id,
            'listing' => $v->listing_id,
            'title' => (string) $v->listing?->shown_title,
            'sku' => $v->selling()->sku,
            'on' => $v->own_on,
            'market' => $market,
            'price' => $p?->shown()?->digits(),
            'price_currency' => $p->currency ?? $stall->currency,
            'was' => $market === $stall->home_market ? $digits($v->own_was_minor) : null,
            'currency' => $stall->currency,
            'goods' => $digits($p?->goods_minor),
            'delivery' => $digits($p?->delivery_minor),
            'duty' => $digits($p?->duty_minor),
            'handling' => $digits($p?->handling_minor),
            'landed' => $digits($p?->landed_minor),
            'keep' => $digits($p?->keep_minor),
            'margin' => $p?->margin_bp === null
                    ? null
                    : ($p->margin_bp < 0 ? '-' : '').
                        sprintf('%d.%04d', intdiv(abs($p->margin_bp), 10_000), abs($p->margin_bp) % 10_000),
            'above_floor' => $digits($p?->above_floor_minor),
            'priced_by' => $p?->priced_by->value,
            'recipe' => $p?->recipe_id,
            'rate' => $p?->rate,
            'since' => $p?->since?->toIso8601ZuluString(),
        ];
    }
}
