<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Words\ItemFacts;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;

/**
 * Puts drafts where the seller has said nothing yet, or where an earlier draft stands. Each is marked a draft until the
 * seller touches or accepts it, and a listing with a draft in it doesn't go in the window.
 */
final readonly class DraftListing
{
    public const FIELDS = ['title', 'words', 'search', 'alt'];

    public function __construct(
        private WriterService $writer,
        private ProjectListings $project,
        private RichText $richText,
    ) {
    }

    public static function facts(ListingFigures $f): ItemFacts
    {
        $options = [];
        foreach ($f->variants as $variant) {
            foreach ($variant->on ? $variant->options : [] as $name => $value) {
                $options[$name][$value] = true;
            }
        }
        $first =
            array_values(array_filter($f->variants, static fn ($v): bool => $v->on && $v->days !== null))[0] ?? null;
        $draft = in_array('title', $f->listing->drafts, true);

        return ItemFacts::of(
            $f->now->title,
            $f->title->held && ! $draft ? $f->title->shown() : null,
            array_map(static fn (array $v): array => array_map(strval(...), array_keys($v)), $options),
            $first?->warehouse === null ? null : Stall::countrySaid($first->warehouse),
            $first?->days,
        );
    }

    /**
     * Asks for a draft. This takes as long as the writing help takes: nothing may be locked meanwhile.
     *
     * @throws Refusal
     */
    public function ask(Stall $stall, Listing $listing, Manner $manner): Draft
    {
        return $this->writer->draft(self::facts(ListingFigures::of($stall, $listing)), $manner);
    }

    /**
     * Writes a draft into what is free of these fields.
     *
     * @param  list<string>  $fields
     */
    public function write(Stall $stall, Listing $listing, Draft $draft, array $fields): void
    {
        DB::transaction(function () use ($stall, $listing, $draft, $fields): void {
            $free = static fn (string $field, ?string $own): bool => in_array($field, $fields, true) &&
                ($own === null || in_array($field, $listing->drafts, true));
            $own = [];
            if ($free('title', $listing->own_title)) {
                $own += ['own_title' => mb_substr(trim($draft->title), 0, 300)];
            }
            if ($free('words', $listing->own_words)) {
                $own += ['own_words' => $this->richText->clean($draft->words)];
            }
            if ($free('search', $listing->own_search_title ?? $listing->own_search_words)) {
                $own += ['own_search_title' => $draft->searchTitle, 'own_search_words' => $draft->searchWords];
            }
            $alts = in_array('alt', $fields, true)
                ? $listing
                    ->pictures()
                    ->where(fn ($q) => $q->whereNull('alt')->orWhere('alt', ''))
                    ->update(['alt' => $draft->alt])
                : 0;
            $marked = array_keys(
                array_filter([
                    'title' => isset($own['own_title']),
                    'words' => isset($own['own_words']),
                    'search' => isset($own['own_search_title']),
                    'alt' => $alts > 0,
                ]),
            );
            $listing->update($own + ['drafts' => array_values(array_unique([...$listing->drafts, ...$marked]))]);
            ($this->project)($stall, [$listing->id]);
        });
    }

    /**
     * The seller has read it: these fields are drafts no more.
     *
     * @param  list<string>  $fields
     */
    public function accept(Stall $stall, Listing $listing, array $fields): void
    {
        $listing->update(['drafts' => array_values(array_diff($listing->drafts, $fields))]);
        ($this->project)($stall, [$listing->id]);
    }
}
