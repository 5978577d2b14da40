<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Support\Carbon;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Reviews\HiddenBecause;
use WindowStall\Counter\Order;
use WindowStall\Reviews\DecideReview;
use WindowStall\Reviews\Review;
use WindowStall\Reviews\SaidReview;
use WindowStall\Reviews\WriteReview;
use WindowStall\Stall\Stall;

/** What those who bought over half a year say of it, some days after it was there; what the stall answers, and the one it hides. */
final readonly class Said
{
    /** Goods → stars and words, in the order in which they were bought. */
    private const WORDS = [
        'jute-garden-twine' => [
            [5, 'Held two rows of beans through the August wind.'],
            [3, 'Thinner than I thought.'],
            [5, 'Ties soft and doesn’t cut the tomatoes. The tin at the shop costs twice as much.'],
            [4, ''],
            [5, 'Third spool. It rots down with the beans, just as it says.'],
            [5, ''],
        ],
        'goatskin-gloves' => [
            [5, 'At last gloves that fit small hands.'],
            [4, 'Stiff for a week, then like my own skin.'],
            [5, 'Roses can’t get through.'],
            [5, ''],
            [2, 'The seam at the thumb went after a month.'],
        ],
        'seed-tin-with-month-dividers' => [
            [5, 'Everything in its month. I sow more than I forget now.'],
            [4, 'Lid sits tight.'],
            [1, 'My neighbour at number 9 has the same and is home all day, ask there.'],
        ],
        'compost-thermometer' => [
            [5, 'Sixty degrees in the middle. Now I know.'],
            [4, 'Long enough for a big heap.'],
        ],
        'cut-flower-snips' => [[5, 'Sharp, light, easy to oil.'], [4, '']],
        'ash-handled-hand-trowel' => [[5, 'Goes into clay like butter.']],
        'terracotta-pots-a-pair' => [[4, 'One came chipped, the other was on its way the same day.']],
    ];

    public function __construct(private Stall $stall)
    {
    }

    public function make(): void
    {
        $said = [];
        $orders = Order::of($this->stall)->with(['lines', 'parcels'])->whereNotNull('paid_at')->orderBy('paid_at')->get();
        foreach ($orders as $order) {
            $there = $order->parcels->max('there_at');
            foreach ($there === null ? [] : $this->goods($order) as $listing) {
                $nth = $said[$listing->slug] = ($said[$listing->slug] ?? -1) + 1;
                $words = self::WORDS[$listing->slug][$nth] ?? null;
                if ($words !== null) {
                    $this->write($order, $listing, $words, Carbon::parse((string) $there)->addDays(7 + $nth % 4));
                }
            }
        }
        $this->decide();
    }

    /** @return list<Listing> */
    private function goods(Order $order): array
    {
        $variants = ListingVariant::query()
            ->with('listing')
            ->whereIn('id', $order->lines->pluck('listing_variant_id')->filter())
            ->orderBy('id')
            ->get();

        return array_values($variants->map(static fn (ListingVariant $v): ?Listing => $v->listing)->filter()->unique('id')->all());
    }

    /** @param  array{int, string}  $words */
    private function write(Order $order, Listing $listing, array $words, Carbon $at): void
    {
        Carbon::setTestNow($at->isFuture() ? now()->subHours(5) : $at);
        try {
            $name = $order->id % 3 === 0 ? '' : (string) strtok($order->name, ' ');
            app(WriteReview::class)($this->stall, $listing, $order->id, $order->paid_at, new SaidReview(
                $words[0],
                $words[1],
                $name,
                [],
                $order->language,
            ));
        } finally {
            Carbon::setTestNow();
        }
    }

    private function decide(): void
    {
        $decide = app(DecideReview::class);
        foreach (Review::of($this->stall)->get() as $review) {
            if (str_starts_with($review->words, 'Thinner')) {
                $decide->answer($this->stall, $review, 'It is 3 mm; we have written that above now.');
            }
            if (str_starts_with($review->words, 'The seam')) {
                $decide->answer($this->stall, $review, 'That shouldn’t be. A new pair is on its way to you.');
            }
            if (str_contains($review->words, 'neighbour')) {
                $decide->hide($this->stall, $review, HiddenBecause::Personal, $this->stall->users()->first());
            }
        }
    }
}
