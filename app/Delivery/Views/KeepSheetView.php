<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

/** Goods by places: what is kept of one piece of each. */
final readonly class KeepSheetView
{
    /**
     * @param  list<string>  $places  names of those that something is sent to
     * @param  list<KeepRowView>  $rows  those with losses first, then those with holes, then the others by title
     * @param  int  $goods  how many there are on the sheet
     * @param  bool  $more  whether there are further ones that aren't on it
     * @param  int  $most  the most that is kept anywhere, in minor units
     */
    public function __construct(
        public array $places,
        public array $rows,
        public int $goods,
        public bool $more,
        public int $holes,
        public int $losses,
        public int $most,
    ) {
    }
}
