<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** What one sale comes to, laid out for the till strip: a bar cut into its parts, and what is left. */
final readonly class SaleView
{
    /** @param  list<SegmentView>  $segments goods, delivery, fee, tax and, when something is left, keep */
    public function __construct(
        public string $about,
        public MoneyView $price,
        public ?MoneyView $charged,
        public array $segments,
        public MoneyView $keep,
        public string $margin,
        public bool $loses,
        public string $note,
    ) {
    }

    public static function of(string $about, Till $till): self
    {
        $parts = [
            'goods' => ['goods', $till->goods],
            'delivery' => ['delivery', $till->delivery],
            'duty' => ['duty', $till->duty],
            'handling' => ['handling', $till->handling],
            'fee' => ['payment fee', $till->fee],
            'platform' => ['platform fee', $till->platform],
            'returns' => ['returns', $till->returns],
            'advertising' => ['advertising', $till->advertising],
            'tax' => ['VAT', $till->tax],
            'keep' => ['you keep', $till->keep],
        ];
        $parts = array_filter($parts, static fn (array $p): bool => $p[1]->minor > 0);
        $whole = max(1, array_sum(array_map(static fn (array $p): int => $p[1]->minor, $parts)));
        $charged = $till->charged->minor > 0 ? MoneyView::of($till->charged) : null;

        return new self(
            about: $about,
            price: MoneyView::of($till->price),
            charged: $charged,
            segments: array_map(
                static fn (string $key, array $p): SegmentView => new SegmentView(
                    key: $key,
                    label: $p[0],
                    money: MoneyView::of($p[1]),
                    share: intdiv($p[1]->minor * 10_000, $whole),
                ),
                array_keys($parts),
                array_values($parts),
            ),
            keep: MoneyView::of($till->keep),
            margin: Percent::whole($till->marginBp),
            loses: $till->losesMoney(),
            note: $till->losesMoney()
                ? sprintf(
                    'You lose %s on every sale at this price.',
                    MoneyView::text($till->keep->with(-$till->keep->minor)),
                )
                : ($charged === null
                    ? 'Delivery is free to the shopper.'
                    : sprintf('The shopper pays %s for delivery besides.', $charged->text)),
        );
    }
}
