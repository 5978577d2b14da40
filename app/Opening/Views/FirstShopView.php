<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Opening\Arrangement;
use WindowStall\Opening\FirstShop;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** A first shop: what was said of it, how far it is, its goods, and the ways it is laid out in. */
final readonly class FirstShopView
{
    /**
     * @param  bool  $supplied  whether a supplier is connected
     * @param  list<string>  $colours  as "#rrggbb"
     * @param  list<FirstGoodsView>  $goods  the best first
     * @param  list<LaidWayView>  $ways  none before it is laid out
     * @param  bool  $shown  whether it was agreed to
     */
    public function __construct(
        public bool $supplied,
        public string $name,
        public string $sentence,
        public array $colours,
        public ?RunView $run,
        public array $goods,
        public array $ways,
        public bool $shown,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $first = FirstShop::latest($stall)?->load('run');
        $laid = $first?->laid() === true;

        return new self(
            supplied: SupplierConnection::of($stall)->whereNull('disconnected_at')->exists(),
            name: $first->name ?? mb_substr($stall->name, 0, 40),
            sentence: $first->sentence ?? '',
            colours: $first->colours ?? [],
            run: $first?->run === null ? null : RunView::of($first->run),
            goods: $laid ? self::goods($stall, $first) : [],
            ways: $laid && $first->wanted() !== []
                ? array_map(static fn (Arrangement $way): LaidWayView => LaidWayView::of($stall, $first, $way), Arrangement::cases())
                : [],
            shown: $first?->shown_at !== null,
        );
    }

    /** @return list<FirstGoodsView> */
    private static function goods(Stall $stall, FirstShop $first): array
    {
        $listings = Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($first->listings())->get()->keyBy('id');
        $goods = [];
        foreach ($first->goods as $one) {
            $listing = $one['listing'] === null ? null : $listings->get($one['listing']);
            if ($listing !== null) {
                $left = in_array($listing->id, $first->left_out, true);
                $goods[] = FirstGoodsView::of(ListingFigures::of($stall, $listing), $one, $left);
            }
        }

        return $goods;
    }
}
