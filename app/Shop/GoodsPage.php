<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Collection;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Policies\GrownUpAge;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Source\Giving;
use WindowStall\Pricing\RecentSales;
use WindowStall\Reviews\ListingReviews;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\RichText;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Window\Goods\CardTag;
use WindowStall\Window\Goods\GoodInHand;
use WindowStall\Window\Goods\ShownWas;
use WindowStall\Window\Goods\SoldOnly;
use WindowStall\Window\Goods\TagsOfGoods;
use WindowStall\Window\Policies\PolicyVersion;

/** What the page of one of the goods shows: pictures, options, prices, stock and days, and the same as JSON-LD. */
final readonly class GoodsPage implements GoodInHand
{
    /** From this many pieces down, the shopper is told how few there are. */
    public const FEW = 5;

    /** Letters of the first sentence that may stand under the name. */
    private const LINE = 140;

    /** Where a value is chosen, its picture stands first and wide. */
    private const FIRST = '.product:has(#o-%1$d-%2$d:checked) .shot{grid-column:auto}'.
        '.product:has(#o-%1$d-%2$d:checked) #picture-%3$d{order:-1;grid-column:1/-1}';

    /**
     * @param  list<Picture>  $pictures
     * @param  array<string, list<string>>  $options  name → values, in order
     * @param  list<VariantFigures>  $variants  those that are switched on and priced
     * @param  array<int, int>  $bought  pieces → in how many orders so many were bought, where it has a ladder
     */
    private function __construct(
        public ListingFigures $figures,
        public string $title,
        public string $words,
        public array $pictures,
        public array $options,
        public array $variants,
        public ?VariantFigures $chosen,
        public string $price,
        public Related $together,
        private ListingReviews $reviews,
        private ?Ladder $ladder,
        private array $bought,
    ) {
    }

    /** @param  Related|null  $together  where it is known already */
    public static function of(ListingFigures $f, ?Related $together = null): self
    {
        $offer = OptionChoices::of($f);
        $ladder = Ladders::of($f->listing, $f->stall);
        $phrases = $f->stall->phrases()->prime(
            $f->title->shown(),
            $f->words->shown(),
            $f->listing->own_type,
            ...array_keys($offer->options),
            ...array_merge(...array_values($offer->options)),
            ...Ladders::words($f->listing),
        );
        $words = $phrases->say($f->words->shown());
        $variants = $offer->variants;
        $buyable = array_values(array_filter($variants, static fn (VariantFigures $v): bool => $v->buyable()));
        $priced = $buyable === [] ? $variants : $buyable;
        $minors = array_map(static fn (VariantFigures $v): int => (int) $v->shown?->minor, $priced);
        $text = static fn (int $minor): string => MoneyView::text($f->stall->seen()->money($minor));
        $price = match (true) {
            $minors === [] => '',
            min($minors) === max($minors) => $text(min($minors)),
            default => Speech::say('shop.goods.between', from: $text(min($minors)), to: $text(max($minors))),
        };

        return new self(
            $f,
            $phrases->say($f->title->shown()),
            // The seller's own is clean already.
            $f->words->held && $words === $f->words->shown() ? $words : (new RichText())->clean($words),
            array_values(array_filter($f->pictures, static fn (Picture $p): bool => $p->state === Picture::READY)),
            $offer->options,
            $variants,
            $buyable[0] ?? ($variants[0] ?? null),
            $price,
            $together ?? Related::to($f->stall, $f->listing),
            ListingReviews::of($f->listing),
            $ladder,
            $ladder === null ? [] : RecentSales::orders($f->stall, $f->listing->id),
        );
    }

    /** Whether the shop sells nothing else. */
    public function isOnly(): bool
    {
        return SoldOnly::by($this->figures->stall) === $this->figures->listing->id;
    }

    /** From which age it is sold where it is seen from; null where to everybody. */
    public function fromAge(): ?int
    {
        return $this->figures->listing->own_grown_up ? GrownUpAge::of($this->figures->stall->seen()->country) : null;
    }

    public function address(): string
    {
        return '/goods/'.$this->figures->listing->slug;
    }

    public function has(string $part): bool
    {
        return match ($part) {
            'shots' => $this->pictures !== [],
            'choices' => $this->options !== [],
            'rungs' => $this->chosen !== null && $this->ladder($this->chosen) !== [],
            'arrival' => $this->chosen?->days !== null,
            'description' => RichText::plain($this->words) !== '',
            'facts' => $this->facts() !== [],
            'sets' => $this->sets() !== [],
            'maker' => $this->making() !== '',
            'reviews' => $this->reviews->shown + $this->reviews->hidden > 0,
            'together' => $this->together->goods !== [],
            default => true,
        };
    }

    public function reviews(): ListingReviews
    {
        return $this->reviews;
    }

    /** @return Collection<int, GoodsQuestion> what others read of what was asked */
    public function asked(): Collection
    {
        return GoodsQuestion::read($this->figures->listing);
    }

    /** What the stall says of sending it back; "" where it says nothing. */
    public function returns(): string
    {
        $stall = $this->figures->stall;

        return (PolicyVersion::now($stall)['returns'] ?? null)?->read($stall)['period'] ?? '';
    }

    /** @return list<ShownSet> that it stands in and that can be bought now */
    public function sets(): array
    {
        return ShownSet::with($this->figures->stall, $this->figures->listing);
    }

    /** How the other goods come to stand there. */
    public function togetherWords(): string
    {
        return Speech::say($this->together->bought ? 'shop.goods.together' : 'shop.goods.related');
    }

    /** What stands in the corner of its picture. */
    public function tag(): CardTag
    {
        $stall = $this->figures->stall;
        $tags = new TagsOfGoods($stall);
        $facts = $tags->any() ? ShelfGoods::all($stall)->where('facts.listing_id', $this->figures->listing->id)->first() : null;

        return $facts instanceof \stdClass ? $tags->of($facts) : CardTag::none();
    }

    /** What the shopper's browser keeps of it, as JSON: address, name, price and a small picture. */
    public function seenAs(): string
    {
        $picture = $this->pictures[0] ?? null;

        return (string) json_encode([
            'url' => $this->figures->stall->seen()->path('/goods/'.$this->figures->listing->slug),
            'title' => $this->title,
            'price' => $this->price,
            'picture' => $picture === null ? '' : PictureSizes::url((string) $picture->path, 400, 'webp'),
        ], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** The first of several sentences of its description; "" where that is long. */
    public function line(): string
    {
        $said = preg_split('/(?<=[.!?])\s+/u', trim(RichText::plain($this->words)), 2) ?: [];

        return count($said) === 2 && mb_strlen($said[0]) <= self::LINE ? $said[0] : '';
    }

    public function soldOut(): bool
    {
        return array_filter($this->variants, static fn (VariantFigures $v): bool => $v->buyable()) === [];
    }

    /** @return list<string> countries whose price lists have it */
    public function soldTo(): array
    {
        $markets = [];
        foreach ($this->figures->listing->variants->where('own_on', true) as $variant) {
            foreach ($variant->prices->where('shown_minor', '>', 0) as $price) {
                $markets[$price->market] = true;
            }
        }

        return array_map(strval(...), array_keys($markets));
    }

    /** "Only 3 left", "In stock", "Sold out" */
    public static function stockWords(VariantFigures $v, ?Giving $giving = null): string
    {
        return match (true) {
            ! $v->buyable() => Speech::say('shop.goods.sold_out'),
            $giving === Giving::Download, $giving === Giving::GiftCard => Speech::say('shop.goods.at_once'),
            $giving === Giving::Appointment => Speech::say('shop.goods.places', count: $v->available),
            $v->available <= self::FEW => Speech::say('shop.goods.few', count: $v->available),
            default => Speech::say('shop.goods.in_stock'),
        };
    }

    public static function daysWords(?DayRange $days): string
    {
        return $days === null ? '' : Speech::say('shop.goods.days', days: Spoken::days($days));
    }

    /**
     * The price that stood before, where it may be shown, and what the law wants said beside it.
     *
     * @return array{was: string, lowest: string}
     */
    public function was(VariantFigures $v): array
    {
        return ShownWas::of($this->figures->stall, $v);
    }

    /** @return list<ShownRung> from one piece on; none where it has no ladder */
    public function ladder(VariantFigures $v): array
    {
        $phrases = $this->figures->stall->phrases();

        return ShownRung::all($this->ladder, $v, $this->bought, array_map($phrases->say(...), Ladders::words($this->figures->listing)));
    }

    /** @return list<array{days: string, until: string|null, zone: string, on: array<string, list<array{string, string}>>}> */
    public function arrivals(): array
    {
        return ShownArrival::of($this->figures->stall, $this->variants);
    }

    /**
     * @return list<array{
     *     id: int, options: list<string>, price: string, was: string, lowest: string,
     *     rungs: list<array{total: string, each: string, saves: string}>, stock: string, days: string, buyable: bool, picture: int|null, arrival: int|null,
     * }>  for the island that follows the shopper's choice
     */
    public function choices(): array
    {
        $names = array_keys($this->options);

        return array_map(
            fn (VariantFigures $v): array => [
                'id' => $v->row->id,
                'options' => array_map(static fn (string $n): string => $v->options[$n] ?? '', $names),
                'price' => $v->shown === null ? '' : MoneyView::text($v->shown),
                'rungs' => array_map(static fn (ShownRung $r): array => $r->toArray(), $this->ladder($v)),
                'stock' => self::stockWords($v, $this->figures->now->giving),
                'days' => self::daysWords($v->days),
                'buyable' => $v->buyable(),
                'picture' => $this->pictureOf($v),
                'arrival' => ShownArrival::place($this->variants, $v),
            ] + $this->was($v),
            $this->variants,
        );
    }

    /** Whether nothing of a value can be bought, whatever else is chosen. */
    public function valueGone(string $option, string $value): bool
    {
        foreach ($this->variants as $variant) {
            if (($variant->options[$option] ?? null) === $value && $variant->buyable()) {
                return false;
            }
        }

        return true;
    }

    /** As CSS: which picture comes first for each value that has one of its own, so that it follows without script. */
    public function firsts(): string
    {
        $css = '';
        foreach (array_values($this->options) as $n => $values) {
            $name = array_keys($this->options)[$n];
            foreach ($values as $m => $value) {
                $picture = $this->pictureOfValue($name, $value);
                if ($picture !== null) {
                    $css .= sprintf(self::FIRST, $n, $m, $picture);
                }
            }
        }

        return $css;
    }

    /** @return array<string, Picture> of the values of an option those that have a picture of their own */
    public function pictured(string $option): array
    {
        $pictured = [];
        foreach ($this->options[$option] ?? [] as $value) {
            $n = $this->pictureOfValue($option, $value);
            $pictured += $n === null ? [] : [$value => $this->pictures[$n]];
        }

        return $pictured;
    }

    /** The picture that all variants of a value share; null where they have none or several. */
    private function pictureOfValue(string $option, string $value): ?int
    {
        $pictures = array_unique(array_map(
            fn (VariantFigures $v): ?int => $this->pictureOf($v),
            array_filter($this->variants, static fn (VariantFigures $v): bool => ($v->options[$option] ?? null) === $value),
        ));

        return count($pictures) === 1 ? reset($pictures) : null;
    }

    /** Who makes it, whether it is printed to order, and where it is posted from, in sentences; "" where nothing is known. */
    public function making(): string
    {
        $listing = $this->figures->listing;
        $printed = ShelfGoods::all($this->figures->stall)
            ->where('facts.listing_id', $listing->id)
            ->where('facts.printed', true)
            ->exists();

        return implode(' ', array_filter([
            (string) $listing->own_maker === '' ? '' : Speech::say('shop.making.by', maker: $listing->own_maker),
            $printed ? Speech::say('shop.making.printed') : '',
            ($from = $this->postedFrom()) === []
                ? ''
                : Speech::say('shop.making.from', places: Spoken::all(array_map(Spoken::countrySaid(...), $from))),
        ]));
    }

    /** @return list<string> countries, ISO 3166-1 */
    private function postedFrom(): array
    {
        return array_values(array_unique(array_filter(array_map(
            static fn (VariantFigures $v): ?string => $v->buyable() ? $v->warehouse : null,
            $this->variants,
        ))));
    }

    /** @return array<string, string> what it is, by what is told */
    public function facts(): array
    {
        $listing = $this->figures->listing;
        $grams = array_unique(array_map(static fn (VariantFigures $v): int => $v->said->grams ?? 0, $this->variants));
        $weight = Spoken::weight(...);
        $facts = array_filter([
            'type' => $this->figures->stall->phrases()->say((string) $listing->own_type),
            'maker' => (string) $listing->own_maker,
            'weight' => match (true) {
                $grams === [] || min($grams) === 0 => '',
                count($grams) === 1 => $weight(min($grams)),
                default => Speech::say('shop.goods.between', from: $weight(min($grams)), to: $weight(max($grams))),
            },
            'posted_from' => implode(', ', array_map(Spoken::country(...), $this->postedFrom())),
        ], static fn (string $told): bool => $told !== '');

        return array_combine(
            array_map(static fn (string $of): string => Speech::say('shop.goods.'.$of), array_keys($facts)),
            $facts,
        );
    }

    /**
     * schema.org Product with an Offer for each variant (https://schema.org/Product).
     *
     * @return array<string, mixed>
     */
    public function jsonLd(string $url): array
    {
        $origin = rtrim($this->figures->stall->shopAddress(), '/');
        $picture = static fn (Picture $p): string => ($u = PictureSizes::url((string) $p->path, 1200, 'webp')) !== '' &&
        str_starts_with($u, '/')
            ? $origin.$u
            : $u;

        $offer = OptionChoices::of($this->figures);

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Product',
            'name' => $this->title,
            'description' => mb_strimwidth(RichText::plain($this->words), 0, 500, '…'),
            'image' => array_map($picture, array_slice($this->pictures, 0, 6)),
            'url' => $url,
            'offers' => array_map(
                fn (VariantFigures $v): array => [
                    '@type' => 'Offer',
                    'name' => $offer->chosen($v) ?: $this->title,
                    'price' => $v->shown?->digits(),
                    'priceCurrency' => $this->figures->stall->seen()->currency->code,
                    'availability' => 'https://schema.org/'.($v->buyable() ? 'InStock' : 'OutOfStock'),
                    'url' => $url,
                ],
                $this->soldOut() ? $this->variants : array_values(
                    array_filter($this->variants, static fn (VariantFigures $v): bool => $v->buyable()),
                ),
            ),
        ] + $this->rated();
    }

    /** @return array<string, mixed> only what those said who bought it here */
    private function rated(): array
    {
        $summary = $this->reviews->summary;

        return $summary->tenths === null ? [] : ['aggregateRating' => [
            '@type' => 'AggregateRating',
            'ratingValue' => $summary->digits(),
            'ratingCount' => $summary->count,
            'bestRating' => '5',
            'worstRating' => '1',
        ]];
    }

    /** The picture the seller gave to a value of it, else the supplier's own of it. */
    private function pictureOf(VariantFigures $v): ?int
    {
        foreach ($this->pictures as $i => $picture) {
            if ($picture->shows !== null && in_array($picture->shows, $v->said->options ?? [], true)) {
                return $i;
            }
        }
        foreach ($this->pictures as $i => $picture) {
            if ($picture->source !== null && $picture->source === $v->pictureSource) {
                return $i;
            }
        }

        return null;
    }
}
