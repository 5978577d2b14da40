<?php

declare(strict_types=1);

namespace WindowStall\Frame\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Prices\Price;
use WindowStall\Bench\Views\LastStepView;
use WindowStall\Counter\Desk\Desk;
use WindowStall\Opening\Views\NextStepView;
use WindowStall\Print\PrintsHere;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Window\Window;

/** The frame around every screen: person, stalls, the stall's own colours, and what waits in each area. */
final readonly class FrameView
{
    /**
     * @param  list<StallLinkView>  $stalls
     * @param  list<string>  $explained words that needn't be explained to this person any more
     * @param  bool  $prints whether a print house is connected
     * @param  bool  $singleKeys  whether keys of one letter act
     * @param  LastStepView|null  $last  what this person last did to listings here
     * @param  NextStepView|null  $next  until the shop was opened once
     */
    public function __construct(
        public string $person,
        public array $stalls,
        public ?string $handle,
        public ?string $name,
        public ?string $brand,
        public ?string $shade,
        public ?string $currency,
        public ?string $clock,
        public ?string $shopUrl,
        public bool $shopOpen,
        public int $onBench,
        public bool $prints,
        public int $drifting,
        public int $toDecide,
        public int $underFloor,
        public bool $singleKeys,
        public array $explained,
        public ?LastStepView $last,
        public ?NextStepView $next,
    ) {
    }

    public static function of(User $user, ?Stall $stall): self
    {
        $stalls = array_map(
            static fn (Door $door): StallLinkView => new StallLinkView($door->handle, $door->name),
            Door::of($user),
        );
        if ($stall === null) {
            return new self(
                person: $user->name,
                stalls: $stalls,
                handle: null,
                name: null,
                brand: null,
                shade: null,
                currency: null,
                clock: null,
                shopUrl: null,
                shopOpen: false,
                onBench: 0,
                prints: false,
                drifting: 0,
                toDecide: 0,
                underFloor: 0,
                singleKeys: $user->single_keys,
                explained: $user->explained,
                last: null,
                next: null,
            );
        }
        $tones = Window::query()->find($stall->id)?->workingContent()->look->tones();

        return new self(
            person: $user->name,
            stalls: $stalls,
            handle: $stall->handle,
            name: $stall->name,
            brand: $tones?->get('fill')->toHex(),
            shade: $tones?->get('band')->toHex(),
            currency: $stall->currency,
            clock: Clock::of($stall)->place(),
            shopUrl: $stall->open ? $stall->shopAddress('/') : route('window.shop', $stall),
            shopOpen: $stall->open,
            onBench: Listing::of($stall)->where('state', ListingState::OnBench)->count(),
            prints: PrintsHere::connected($stall),
            drifting: (int) Listing::of($stall)->sum('changes_count') +
                Run::of($stall)->where('state', RunState::SetAside)->count(),
            toDecide: Desk::waiting($stall),
            // In the window and under the floor unawares: held back from shoppers until somebody looks.
            underFloor: Price::query()
                ->join('listing_variants as v', 'v.id', '=', 'prices.listing_variant_id')
                ->join('listings as l', 'l.id', '=', 'v.listing_id')
                ->where('prices.stall_id', $stall->id)
                ->where('prices.market', $stall->home_market)
                ->where('prices.under_floor', true)
                ->where('v.own_on', true)
                ->where('v.own_under_floor', false)
                ->where('l.state', ListingState::InWindow)
                ->whereNull('l.deleted_at')
                ->count(),
            singleKeys: $user->single_keys,
            explained: $user->explained,
            last: LastStepView::by($user, $stall),
            next: NextStepView::of($stall),
        );
    }
}
