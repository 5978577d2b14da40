<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Words\Plural;
use WindowStall\Support\RichText;
use WindowStall\Support\Views\MoneyView;

/** One of the goods of a first shop: why it was chosen, and what its page will say. */
final readonly class FirstGoodsView
{
    /**
     * @param  string  $words  plain, each paragraph on a line
     * @param  string  $days  until it is there, such as "up to 5 days"
     * @param  string|null  $rating  such as "4.7"
     * @param  list<string>  $lacks  why it will stay on the bench
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $words,
        public ?string $picture,
        public string $supplier,
        public ?MoneyView $price,
        public ?MoneyView $keep,
        public string $days,
        public ?string $rating,
        public bool $leftOut,
        public array $lacks,
    ) {
    }

    /** @param  array{days: int, rating: int|null, keep: int}  $chosen  as it was chosen */
    public static function of(ListingFigures $f, array $chosen, bool $leftOut): self
    {
        return new self(
            id: $f->listing->id,
            title: $f->title->shown(),
            words: $f->words->held ? self::lines($f->words->shown()) : '',
            picture: ($f->pictures[0] ?? null)?->url(280),
            supplier: (string) $f->listing->supplierItem?->connection?->name,
            price: MoneyView::ofNullable($f->from()),
            keep: MoneyView::of($f->stall->money($chosen['keep'])),
            days: 'up to '.Plural::of($chosen['days'], 'day'),
            rating: $chosen['rating'] === null
                ? null
                : sprintf('%d.%d', intdiv($chosen['rating'], 10), $chosen['rating'] % 10),
            leftOut: $leftOut,
            lacks: array_map(static fn (Lack $lack): string => $lack->words, $f->readiness(accepted: true)->lacks),
        );
    }

    private static function lines(string $html): string
    {
        return trim((string) preg_replace('/\s*\n\s*/u', "\n", RichText::lines($html)));
    }
}
