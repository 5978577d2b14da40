<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Core\Words\Plural;
use WindowStall\Opening\Jobs\RehearseByNight;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** The last rehearsal of a shop, or the one under way. */
final readonly class RehearsedView
{
    /**
     * @param  string  $when  when it was; "" where there was none yet
     * @param  bool  $broken  whether it broke off
     * @param  list<RolledShopperView>  $shoppers
     * @param  string  $took  "Two shoppers, 48 seconds"; "" until its end
     * @param  string  $night  when it is done by itself; "" while the shop is closed
     * @param  list<string>  $since  what broke since the one before
     */
    public function __construct(
        public string $when,
        public bool $running,
        public bool $broken,
        public array $shoppers,
        public string $took,
        public string $night,
        public array $since,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $latest = Rehearsal::latest($stall);
        $roll = $latest?->rolled();
        $before = $latest?->before()?->rolled();
        $ended = $latest?->ended_at;

        return new self(
            when: $latest === null ? '' : Clock::of($stall)->moment($latest->begun_at),
            running: $latest?->isRunning() ?? false,
            broken: $latest !== null && $ended === null && ! $latest->isRunning(),
            shoppers: array_map(
                static fn (RolledShopper $one): RolledShopperView => RolledShopperView::of($stall, $one),
                $roll->shoppers ?? [],
            ),
            took: $latest === null || $roll === null || $ended === null ? '' : ucfirst(sprintf(
                '%s, %s',
                Plural::spoken(count($roll->shoppers), 'shopper'),
                Plural::of(max(1, (int) $latest->begun_at->diffInSeconds($ended)), 'second'),
            )),
            night: $stall->open ? sprintf('between %d and %d', RehearseByNight::HOUR, RehearseByNight::HOUR + 1) : '',
            since: $roll === null || $before === null || $ended === null ? [] : array_map(
                static fn (RolledShopper $one): string => sprintf(
                    '%s: stuck %s',
                    ucfirst(Stall::countrySaid($one->country)),
                    $one->broken()?->kind->where() ?? '',
                ),
                $roll->brokeSince($before),
            ),
        );
    }
}
