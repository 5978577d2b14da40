<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;
use WindowStall\Support\RichText;

/**
 * GET /api/v1/listings: a stall's listings as shoppers see them, with what each variant costs and keeps. Amounts are
 * decimal strings.
 */
final class ListingsController
{
    public function __invoke(Request $request): JsonResponse
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);
        $page = Page::of($request);
        $rows = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('id', '>', $page->after)
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();

        return $page->answer($rows, static fn (Listing $l): array => self::say(ListingFigures::of($stall, $l)));
    }

    /** @return array<string, mixed> */
    private static function say(ListingFigures $f): array
    {
        $listing = $f->listing;

        return [
            'id' => $listing->id,
            'state' => $listing->state->value,
            'title' => $f->title->shown(),
            'description' => $f->words->held ? $f->words->shown() : (new RichText())->clean($f->words->shown()),
            'type' => $listing->own_type,
            'tags' => $listing->own_tags,
            'maker' => $listing->own_maker,
            'supplier' => $listing->supplierItem?->connection?->name,
            'item' => $listing->supplierItem?->external_id,
            'url' => $listing->state === ListingState::InWindow ? $f->stall->shopAddress('/goods/'.$listing->slug) : null,
            'currency' => $f->stall->currency,
            'variants' => array_map(
                static fn (VariantFigures $v): array => [
                    'id' => $v->row->id,
                    'sku' => $v->said?->sku,
                    'barcode' => $v->said?->barcode,
                    'options' => (object) $v->options,
                    'on' => $v->on,
                    'price' => $v->price?->digits(),
                    'landed' => $v->landed?->digits(),
                    'keep' => $v->till?->keep->digits(),
                    'stock' => $v->available,
                ],
                $f->variants,
            ),
        ];
    }
}
