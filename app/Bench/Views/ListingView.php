<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\OpenChanges;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Source\ProductGroups;
use WindowStall\Core\Words\Junk;
use WindowStall\Core\Words\TitleHelp;
use WindowStall\Core\Words\TitleNote;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Support\RichText;

/** A listing on the bench in its three voices. HTML in it is sanitised. */
final readonly class ListingView
{
    /**
     * @param  list<OptionView>  $options
     * @param  list<VariantRowView>  $variants
     * @param  list<SaleView|null>  $sales  the till strip, variant by variant
     * @param  list<LackView>  $lacks
     * @param  list<ChangeView>  $changes
     * @param  int  $held  how many things the seller says otherwise than the supplier
     * @param  list<string>  $drafts  fields that hold a draft
     * @param  list<NoteView>  $titleNotes
     * @param  list<NoteView>  $junk  sentences of the words that don't belong on the page, each with why
     * @param  list<string>  $dropped  options that no shopper sees
     * @param  int  $products  how many different products its variants look like
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $state,
        public string $stateWords,
        public SupplierSaysView $supplier,
        public string $title,
        public bool $titleHeld,
        public array $titleNotes,
        public string $words,
        public bool $wordsHeld,
        public array $junk,
        public PicturesView $pictures,
        public PricedByView $pricedBy,
        public array $options,
        public array $dropped,
        public array $variants,
        public array $sales,
        public OwnOrderView $order,
        public InSearchView $search,
        public array $lacks,
        public array $changes,
        public int $held,
        public array $drafts,
        public int $products,
        public ?LastStepView $last,
        public string $previewUrl,
        public ?string $shopUrl,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $words = $f->words->held ? $f->words->shown() : (new RichText())->clean($f->words->shown());
        $listing = $f->listing;

        return new self(
            id: $listing->id,
            version: $listing->version,
            state: $listing->state->value,
            stateWords: $listing->state->words(),
            supplier: SupplierSaysView::of($f),
            title: $f->title->shown(),
            titleHeld: $f->title->held,
            titleNotes: self::titleNotes($f),
            words: $words,
            wordsHeld: $f->words->held,
            junk: self::junk($f, $words),
            pictures: PicturesView::of($f),
            pricedBy: PricedByView::of($f),
            options: OptionView::list($f),
            dropped: $listing->own_dropped,
            variants: array_map(VariantRowView::of(...), $f->variants),
            sales: self::sales($f),
            order: OwnOrderView::of($listing),
            search: InSearchView::of($f, $words),
            lacks: array_map(LackView::of(...), $f->readiness()->lacks),
            changes: app(OpenChanges::class)->of($f),
            held: self::held($f),
            drafts: $listing->drafts,
            products: count(ProductGroups::of($f->now)->groups),
            last: LastStepView::of($listing),
            previewUrl: PreviewLinks::listing($f->stall, $listing->id),
            shopUrl: $listing->state === ListingState::InWindow
                ? $f->stall->shopAddress('/goods/'.$listing->slug)
                : null,
        );
    }

    private static function held(ListingFigures $f): int
    {
        $own = [$f->title->held, $f->words->held, $f->picturesHeld, $f->recipeHeld];
        $variants = array_map(static fn (VariantFigures $v): bool => $v->handPriced() || ! $v->on, $f->variants);

        return count(array_filter([...$own, ...$variants]));
    }

    /** @return list<SaleView|null> */
    private static function sales(ListingFigures $f): array
    {
        $market = $f->stall->marketName();

        return array_map(
            static fn (VariantFigures $v): ?SaleView => $v->till === null
                ? null
                : SaleView::of(self::about($v->label, $market), $v->till),
            $f->variants,
        );
    }

    /** @return list<NoteView> */
    private static function titleNotes(ListingFigures $f): array
    {
        $title = $f->title->shown();
        $same = Listing::of($f->stall)
            ->whereKeyNot($f->listing->id)
            ->whereRaw('lower(shown_title) = ?', [mb_strtolower($title)])
            ->limit(1)
            ->pluck('shown_title')
            ->all();

        return array_map(
            static fn (TitleNote $n): NoteView => new NoteView(kind: $n->kind, words: $n->words, instead: $n->instead),
            TitleHelp::about($title, array_values(array_map(strval(...), $same))),
        );
    }

    /** @return list<NoteView> */
    private static function junk(ListingFigures $f, string $words): array
    {
        return array_map(
            static fn (Junk $j): NoteView => new NoteView(
                kind: $j->kind->value,
                words: $j->kind->words(),
                instead: $j->sentence,
            ),
            Junk::in(RichText::lines($words), [$f->stall->name, (string) config('stall.shops_host')]),
        );
    }

    public static function about(string $label, string $market): string
    {
        return ($label === '' ? 'One piece' : $label.', one piece').', to '.$market;
    }
}
