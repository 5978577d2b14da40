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
    public function __construct(
        public int $id,
        public int $version,
        public ListingStandsView $stands,
        public SupplierSaysView $supplier,
        public WordingView $title,
        public WordingView $words,
        public PicturesView $pictures,
        public PricedByView $pricedBy,
        public ChoicesView $choices,
        public DetailsView $details,
        public PendingView $pending,
        public ?LastStepView $last,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $words = $f->words->held ? $f->words->shown() : (new RichText())->clean($f->words->shown());
        $listing = $f->listing;

        return new self(
            id: $listing->id,
            version: $listing->version,
            stands: self::stands($f),
            supplier: SupplierSaysView::of($f),
            title: new WordingView(shown: $f->title->shown(), held: $f->title->held, notes: self::titleNotes($f)),
            words: new WordingView(shown: $words, held: $f->words->held, notes: self::junk($f, $words)),
            pictures: PicturesView::of($f),
            pricedBy: PricedByView::of($f),
            choices: new ChoicesView(
                options: OptionView::list($f),
                dropped: $listing->own_dropped,
                products: count(ProductGroups::of($f->now)->groups),
                variants: array_map(VariantRowView::of(...), $f->variants),
                sales: self::sales($f),
            ),
            details: new DetailsView(order: OwnOrderView::of($listing), search: InSearchView::of($f, $words)),
            pending: new PendingView(
                changes: app(OpenChanges::class)->of($f),
                drafts: $listing->drafts,
                held: self::held($f),
            ),
            last: LastStepView::of($listing),
        );
    }

    private static function stands(ListingFigures $f): ListingStandsView
    {
        $state = $f->listing->state;

        return new ListingStandsView(
            state: $state->value,
            words: $state->words(),
            lacks: array_map(LackView::of(...), $f->readiness()->lacks),
            previewUrl: PreviewLinks::listing($f->stall, $f->listing->id),
            shopUrl: $state === ListingState::InWindow ? $f->stall->shopAddress('/goods/'.$f->listing->slug) : null,
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

    /** @return list<NoteView> sentences of the words that don't belong on the page, each with why */
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
