<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Landing\Landed;
use WindowStall\Pricing\CostSheet;
use WindowStall\Support\Views\MoneyView;

/** Something a supplier changed: before → after, and what that does to the listing. */
final readonly class ChangeView
{
    /** @param  bool  $keepable whether the seller can keep the former word as their own */
    public function __construct(
        public string $kind,
        public string $about,
        public string $before,
        public string $after,
        public string $effect,
        public bool $bad,
        public bool $keepable,
    ) {
    }

    /** @return list<self> */
    public static function list(ListingFigures $f): array
    {
        return array_map(static fn (Change $change): self => self::of($f, $change), $f->drift->changes);
    }

    private static function of(ListingFigures $f, Change $change): self
    {
        $variant = null;
        foreach ($f->variants as $v) {
            $variant = $v->row->external_id === $change->variantId ? $v : $variant;
        }
        [$effect, $bad] = self::effect($f, $change, $variant);

        return new self($change->kind->value, $variant !== null && $variant->label !== '' ? $variant->label : ($change->about === '' ? 'The item' : $change->about), $change->before, $change->after, $effect, $bad,
            ($change->kind === ChangeKind::Title && ! $f->title->held) || ($change->kind === ChangeKind::Words && ! $f->words->held));
    }

    /** @return array{string, bool} */
    private static function effect(ListingFigures $f, Change $change, ?VariantFigures $variant): array
    {
        return match ($change->kind) {
            ChangeKind::Title => [$f->title->held ? 'Yours is held and stays.' : 'The title follows and has changed.', false],
            ChangeKind::Words => [$f->words->held ? 'Yours are held and stay.' : 'The words follow and have changed.', false],
            ChangeKind::Pictures => [$f->picturesHeld ? 'Your choice is held and stays.' : 'The pictures follow.', false],
            ChangeKind::Cost => self::cost($f, $change, $variant),
            ChangeKind::SoldOut => ['Shoppers can’t buy it.', true],
            ChangeKind::BackInStock => ['Shoppers can buy it again.', false],
            ChangeKind::VariantGone => ['Shoppers can’t buy it. Agreeing takes it off the listing.', true],
            ChangeKind::VariantNew => ['Not shown until you agree.', false],
        };
    }

    /** @return array{string, bool} */
    private static function cost(ListingFigures $f, Change $change, ?VariantFigures $variant): array
    {
        if ($variant?->price === null || $variant->till === null) {
            return ['', false];
        }
        $keeps = sprintf('you keep %s', MoneyView::text($variant->till->keep));
        if ($variant->handPriced()) {
            return [sprintf('Your price of %s is held; %s.', MoneyView::text($variant->price), $keeps), $variant->till->losesMoney()];
        }
        $before = $f->agreed->variant((string) $change->variantId);
        $former = $before === null ? null : $f->recipeOf($variant)->decide(Landed::of($f->stall->rateFrom($f->agreed->currency)->convert($before->cost), $variant->till->delivery, $variant->till->duty, $variant->till->handling), $f->stall->terms(), null, CostSheet::of($f->stall)->carried($f->stall->home_market))->price;

        return [$former === null || $former->compare($variant->price) === 0
            ? sprintf('The price stays %s by its recipe; %s.', MoneyView::text($variant->price), $keeps)
            : sprintf('The price moves %s → %s by its recipe; %s.', MoneyView::text($former), MoneyView::text($variant->price), $keeps), $variant->till->losesMoney()];
    }
}
