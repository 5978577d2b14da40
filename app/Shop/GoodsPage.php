<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Rung;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\RichText;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Window\Goods\ShownWas;

/** What the page of one of the goods shows: pictures, options, prices, stock and days, and the same as JSON-LD. */
final readonly class GoodsPage
{
    /** From this many pieces down, the shopper is told how few there are. */
    public const FEW = 5;

    /** Where a value is chosen, its picture stands first and wide. */
    private const FIRST = '.product:has(#o-%1$d-%2$d:checked) .shot{grid-column:auto}'.
        '.product:has(#o-%1$d-%2$d:checked) #picture-%3$d{order:-1;grid-column:1/-1}';

    /**
     * @param  list<Picture>  $pictures
     * @param  array<string, list<string>>  $options  name → values, in order
     * @param  list<VariantFigures>  $variants  those that are switched on and priced
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
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $offer = OptionChoices::of($f);
        $phrases = $f->stall->phrases()->prime(
            $f->title->shown(),
            $f->words->shown(),
            $f->listing->own_type,
            ...array_keys($offer->options),
            ...array_merge(...array_values($offer->options)),
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
        );
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
    public static function stockWords(VariantFigures $v): string
    {
        return match (true) {
            ! $v->buyable() => Speech::say('shop.goods.sold_out'),
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

    /** @return list<string> what several pieces cost together, rung by rung */
    public function rungs(VariantFigures $v): array
    {
        $ladder = Ladders::of($this->figures->listing, $this->figures->stall);
        $piece = $v->shown;
        if ($ladder === null || $piece === null) {
            return [];
        }

        return array_map(static function (Rung $rung) use ($ladder, $piece): string {
            $price = $ladder->price($piece, $rung->pieces);

            return Speech::say(
                'shop.goods.rung',
                pieces: $rung->pieces,
                price: $price,
                each: Money::rounded($price->rational()->dividedBy($rung->pieces), $price->currency),
            );
        }, $ladder->rungs);
    }

    /**
     * @return list<array{
     *     id: int, options: list<string>, price: string, was: string, lowest: string, rungs: list<string>,
     *     stock: string, days: string, buyable: bool, picture: int|null,
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
                'rungs' => $this->rungs($v),
                'stock' => self::stockWords($v),
                'days' => self::daysWords($v->days),
                'buyable' => $v->buyable(),
                'picture' => $this->pictureOf($v),
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
                $pictures = array_unique(array_map(
                    fn (VariantFigures $v): ?int => $this->pictureOf($v),
                    array_filter($this->variants, static fn ($v): bool => ($v->options[$name] ?? null) === $value),
                ));
                $picture = count($pictures) === 1 ? reset($pictures) : null;
                if (is_int($picture)) {
                    $css .= sprintf(self::FIRST, $n, $m, $picture);
                }
            }
        }

        return $css;
    }

    /** @return array<string, string> what it is, by what is told */
    public function facts(): array
    {
        $listing = $this->figures->listing;
        $grams = array_unique(array_map(static fn (VariantFigures $v): int => $v->said->grams ?? 0, $this->variants));
        $from = array_unique(array_filter(array_map(
            static fn (VariantFigures $v): ?string => $v->buyable() ? $v->warehouse : null,
            $this->variants,
        )));
        $weight = Spoken::weight(...);
        $facts = array_filter([
            'type' => $this->figures->stall->phrases()->say((string) $listing->own_type),
            'maker' => (string) $listing->own_maker,
            'weight' => match (true) {
                $grams === [] || min($grams) === 0 => '',
                count($grams) === 1 => $weight(min($grams)),
                default => Speech::say('shop.goods.between', from: $weight(min($grams)), to: $weight(max($grams))),
            },
            'posted_from' => implode(', ', array_map(Spoken::country(...), $from)),
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
        ];
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
