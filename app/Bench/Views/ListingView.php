<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\OpenChanges;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Source\ProductGroups;
use WindowStall\Core\Words\Junk;
use WindowStall\Core\Words\TitleHelp;
use WindowStall\Core\Words\TitleNote;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Support\RichText;
use WindowStall\Support\Views\MoneyView;

/** A listing on the bench in its three voices. HTML in it is sanitised. */
final readonly class ListingView
{
    /**
     * @param  list<PictureView>  $supplierPictures
     * @param  list<string>  $supplierOptions  "Clr: STL-01, CPR-02"
     * @param  list<string>  $arrival  cost and way to the home market, best first
     * @param  list<PictureView>  $pictures  as shown
     * @param  list<PictureView>  $spare  of this listing but not shown
     * @param  list<OptionView>  $options
     * @param  list<VariantRowView>  $variants
     * @param  list<LackView>  $lacks
     * @param  list<ChangeView>  $changes
     * @param  list<string>  $tags
     * @param  list<string>  $drafts  fields that hold a draft
     * @param  list<NoteView>  $titleNotes
     * @param  list<NoteView>  $junk  sentences of the words that don't belong on the page, each with why
     * @param  list<string>  $dropped  options that no shopper sees
     * @param  int  $products  how many different products its variants look like
     * @param  list<SaleView|null>  $sales  the till strip, variant by variant
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $state,
        public string $stateWords,
        public string $supplier,
        public ?string $pulled,
        public string $supplierTitle,
        public string $supplierWords,
        public array $supplierPictures,
        public array $supplierOptions,
        public array $arrival,
        public string $title,
        public bool $titleHeld,
        public string $words,
        public bool $wordsHeld,
        public array $pictures,
        public bool $picturesHeld,
        public array $spare,
        public int $picturesWaiting,
        public RecipeFormView $recipe,
        public bool $recipeHeld,
        public string $recipeName,
        public string $across,
        public string $acrossOption,
        public string $acrossUpTo,
        public int $rungs,
        public array $options,
        public array $variants,
        public array $sales,
        public array $lacks,
        public array $changes,
        public string $previewUrl,
        public ?string $shopUrl,
        public int $held,
        public string $type,
        public array $tags,
        public string $maker,
        public string $notes,
        public string $searchTitle,
        public string $searchWords,
        public bool $searchHeld,
        public array $drafts,
        public array $titleNotes,
        public array $junk,
        public array $dropped,
        public int $products,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $richText = new RichText();
        $words = $f->words->held ? $f->words->shown() : $richText->clean($f->words->shown());
        $listing = $f->listing;
        $shownIds = array_map(static fn (Picture $p): int => $p->id, $f->pictures);
        $market = $f->stall->marketName();

        return new self(
            id: $listing->id,
            version: $listing->version,
            state: $listing->state->value,
            stateWords: $listing->state->words(),
            supplier: (string) $listing->supplierItem?->connection?->name,
            pulled: $listing->supplierItem?->connection?->pulled_at?->diffForHumans(),
            supplierTitle: $f->now->title,
            supplierWords: $richText->clean($f->now->description),
            supplierPictures: array_values(
                $listing->pictures
                    ->whereNotNull('source')
                    ->map(static fn (Picture $p): PictureView => PictureView::of($p))
                    ->all(),
            ),
            supplierOptions: self::options($f),
            arrival: self::arrival($f),
            title: $f->title->shown(),
            titleHeld: $f->title->held,
            words: $words,
            wordsHeld: $f->words->held,
            pictures: PictureView::list($f->pictures),
            picturesHeld: $f->picturesHeld,
            spare: array_values(
                $listing->pictures
                    ->reject(static fn (Picture $p): bool => in_array($p->id, $shownIds, true))
                    ->map(static fn (Picture $p): PictureView => PictureView::of($p))
                    ->all(),
            ),
            picturesWaiting: $listing->pictures->where('state', Picture::WAITING)->count(),
            recipe: RecipeFormView::of(
                isset($f->variants[0])
                    ? $f->recipeOf($f->variants[0])
                    : Recipes::stored(
                        (string) json_encode($f->stall->recipes->last()?->recipe),
                        $f->stall->currencyValue(),
                    ),
                $f->stall->currencyValue(),
            ),
            recipeHeld: $f->recipeHeld,
            recipeName: (string) $f->stall->recipes->firstWhere('id', $f->variants[0]->priced->recipe_id ?? 0)?->name,
            across: $listing->own_across['across'] ?? 'each',
            acrossOption: $listing->own_across['option'] ?? '',
            acrossUpTo: (string) (array_slice($listing->own_across['groups'][0] ?? [], -1)[0] ?? ''),
            rungs: count($listing->own_ladder ?? []),
            options: OptionView::list($f),
            variants: array_map(VariantRowView::of(...), $f->variants),
            sales: array_map(
                static fn (VariantFigures $v): ?SaleView => $v->till === null
                    ? null
                    : SaleView::of(self::about($v->label, $market), $v->till),
                $f->variants,
            ),
            lacks: array_map(static fn (Lack $l): LackView => LackView::of($l), $f->readiness->lacks),
            changes: app(OpenChanges::class)->of($f),
            previewUrl: PreviewLinks::listing($f->stall, $listing->id),
            shopUrl: $listing->state->value === 'in_window' ? $f->stall->shopAddress('/goods/'.$listing->slug) : null,
            held: count(array_filter([$f->title->held, $f->words->held, $f->picturesHeld, $f->recipeHeld])) +
                count(array_filter($f->variants, static fn (VariantFigures $v): bool => $v->handPriced() || ! $v->on)),
            type: (string) $listing->own_type,
            tags: $listing->own_tags,
            maker: (string) $listing->own_maker,
            notes: (string) $listing->own_notes,
            searchTitle: $listing->own_search_title ?? $f->title->shown(),
            searchWords: $listing->own_search_words ?? mb_strimwidth(RichText::plain($words), 0, 155, '…'),
            searchHeld: $listing->own_search_title !== null || $listing->own_search_words !== null,
            drafts: $listing->drafts,
            titleNotes: self::titleNotes($f),
            junk: self::junk($f, $words),
            dropped: $listing->own_dropped,
            products: count(ProductGroups::of($f->now)->groups),
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
        $text = html_entity_decode(
            strip_tags((string) preg_replace('#</(p|li|h2|h3)>|<br\s*/?>#i', "\n", $words)),
            ENT_QUOTES | ENT_HTML5,
        );

        return array_map(
            static fn (Junk $j): NoteView => new NoteView(
                kind: $j->kind->value,
                words: $j->kind->words(),
                instead: $j->sentence,
            ),
            Junk::in($text, [$f->stall->name, (string) config('stall.shops_host')]),
        );
    }

    public static function about(string $label, string $market): string
    {
        return ($label === '' ? 'One piece' : $label.', one piece').', to '.$market;
    }

    /** @return list<string> */
    private static function options(ListingFigures $f): array
    {
        $values = [];
        foreach ($f->now->variants as $variant) {
            foreach ($variant->options as $name => $value) {
                $values[$name][$value] = true;
            }
        }

        return array_map(
            static fn (string $name, array $v): string => $name.': '.implode(', ', array_keys($v)),
            array_keys($values),
            $values,
        );
    }

    /** @return list<string> */
    private static function arrival(ListingFigures $f): array
    {
        $ways = [];
        foreach ($f->variants as $v) {
            if ($v->till !== null && $v->days !== null) {
                $ways[$v->warehouse ?? ''] ??= sprintf(
                    '%s + %s delivery from %s, %s',
                    MoneyView::text($v->till->goods),
                    MoneyView::text($v->till->delivery),
                    $v->warehouse,
                    $v->days->words(),
                );
            }
        }

        return array_values($ways);
    }
}
