<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Support\Views\MoneyView;

/** One of the goods, as it stands in a row. */
final readonly class GoodCard
{
    /**
     * @param  bool  $varied  whether prices differ, so that it reads "from"
     * @param  string  $was  a price that stood before, where all have one
     * @param  string  $gist  the first words of its description
     * @param  string  $days  how long it takes, such as "3 to 6 days"
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $url,
        public ?Picture $picture,
        public string $price,
        public bool $varied,
        public bool $soldOut,
        public string $was,
        public string $gist,
        public string $days,
        public CardTag $tag,
    ) {
    }

    /** @param  CardTag|null  $tag  what stands in its corner */
    public static function of(ListingFigures $f, ?CardTag $tag = null): self
    {
        $on = $f->priced();
        $prices = array_unique(array_map(static fn (VariantFigures $v): int => (int) $v->shown?->minor, $on));
        $ready = array_values(array_filter($f->pictures, static fn (Picture $p): bool => $p->state === Picture::READY));
        $buyable = array_values(array_filter($on, static fn (VariantFigures $v): bool => $v->buyable()));

        return new self(
            id: $f->listing->id,
            title: $f->stall->phrases()->say($f->title->shown()),
            url: '/goods/'.$f->listing->slug,
            picture: $ready[0] ?? null,
            price: $prices === [] ? '' : MoneyView::text($f->stall->seen()->money(min($prices))),
            varied: count($prices) > 1,
            soldOut: $buyable === [],
            was: count($prices) === 1 && isset($on[0]) ? ShownWas::of($f->stall, $on[0])['was'] : '',
            gist: self::gist($f->words->held ? $f->stall->phrases()->say($f->words->shown()) : ''),
            days: ($days = ($buyable[0] ?? null)?->days) === null ? '' : Spoken::days($days),
            tag: $tag ?? CardTag::none(),
        );
    }

    /**
     * Without the whole of its figures: from a row of goods_facts, with the end of its address and the seller's words.
     */
    public static function ofRow(Stall $stall, \stdClass $row, ?Picture $picture, CardTag $tag): self
    {
        $text = static fn (mixed $minor): string => $minor === null ? '' : MoneyView::text($stall->seen()->money((int) $minor));
        $days = $row->days_min === null || $row->days_max === null
            ? null
            : new DayRange((int) $row->days_min, (int) $row->days_max);

        return new self(
            id: (int) $row->listing_id,
            title: $stall->phrases()->say((string) $row->title),
            url: '/goods/'.$row->slug,
            picture: $picture,
            price: $text($row->price_minor),
            varied: $row->price_minor !== $row->price_to_minor,
            soldOut: ! $row->buyable,
            was: '',
            gist: self::gist($stall->phrases()->say((string) $row->own_words)),
            days: $days === null ? '' : Spoken::days($days),
            tag: $tag,
        );
    }

    /** A supplier's own words aren't put before shoppers here; only what the seller wrote. */
    private static function gist(string $words): string
    {
        $plain = RichText::plain($words);
        $sentence = preg_match('/^(.{8,70}?)[.;:!?](\s|$)/u', $plain, $m) === 1 ? $m[1] : $plain;

        // Never in the middle of a word.
        return mb_strwidth($sentence) <= 70
            ? $sentence
            : (string) preg_replace('/[\s,]+\S*$/u', '', mb_substr($sentence, 0, 70)).'…';
    }
}
