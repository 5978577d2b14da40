<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** What the counter has in the morning: what needs a person, and what is under way. */
final readonly class CounterDeskView
{
    /**
     * @param  string  $headline  what went by itself since yesterday, and how many need a person
     * @param  list<NeedView>  $needs  the most pressing first
     * @param  int  $more  that need a person besides
     * @param  list<DeskDayView>  $days  the axis
     * @param  int  $now  where now lies on it, of a thousand
     * @param  list<UnderWayView>  $underWay
     * @param  int  $open  how much is under way altogether
     * @param  int  $orders  of all time, as far as they were paid or the bank has them in hand; counted up to 10,001
     */
    public function __construct(
        public string $headline,
        public array $needs,
        public int $more,
        public array $days,
        public int $now,
        public array $underWay,
        public int $open,
        public int $orders,
        public int $letters,
        public int $unpaid,
        public string $shopUrl,
    ) {
    }
}
