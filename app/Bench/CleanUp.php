<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Bench\MakeUp\DropOption;
use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\PictureQueue;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Bench\Writing\CutSentences;
use WindowStall\Bench\Writing\Draft;
use WindowStall\Bench\Writing\DraftListing;
use WindowStall\Core\Source\ValueWords;
use WindowStall\Core\Words\Junk;
use WindowStall\Core\Words\OptionWords;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\RichText;

/**
 * Clears many listings of what a supplier left in them, as one step that can be taken back: sentences that aren't about the
 * thing, codes in place of names, options that only say where it is posted from; and writes drafts where nothing is said.
 */
final readonly class CleanUp
{
    public function __construct(
        private Undo $undo,
        private PatchListings $patch,
        private DropOption $drop,
        private DraftListing $draft,
    ) {
    }

    /**
     * @param  list<int>  $ids
     * @param  list<CleanWay>  $ways
     * @param  array<int, Draft>  $drafts  by listing, as they were asked for before anything was locked
     * @return BenchChange|null null where nothing was to be cleaned
     */
    public function __invoke(Stall $stall, ?User $by, array $ids, array $ways, array $drafts): ?BenchChange
    {
        return DB::transaction(function () use ($stall, $by, $ids, $ways, $drafts): ?BenchChange {
            $step = $this->undo->begin($stall, $by, apart: true);
            $changed = [];
            if (in_array(CleanWay::Places, $ways, true)) {
                $changed += array_fill_keys($this->dropPlaces($stall, $step, $ids), true);
            }
            $changed += $this->patch->within($stall, $step, $ids, fn (): array => $this->said($stall, $ids, $ways));
            $changed += array_fill_keys($this->write($stall, $step, $drafts), true);
            if (in_array(CleanWay::Pictures, $ways, true)) {
                $this->fetchAgain($stall, $ids);
            }
            if ($changed === []) {
                $step->delete();

                return null;
            }
            $this->undo->end($step, Plural::of(count($changed), 'listing').' cleaned up');

            return $step;
        });
    }

    /**
     * @param  list<int>  $ids
     * @param  list<CleanWay>  $ways
     * @return array<int, ListingPatch>
     */
    private function said(Stall $stall, array $ids, array $ways): array
    {
        $patches = [];
        foreach ($this->listings($stall, $ids) as $listing) {
            $figures = ListingFigures::of($stall, $listing);
            $patch = ListingPatch::none()->and(...array_filter([
                in_array(CleanWay::Sentences, $ways, true) ? $this->sentences($figures) : null,
                in_array(CleanWay::Codes, $ways, true) ? $this->names($figures) : null,
            ]));
            if (! $patch->isEmpty()) {
                $patches[$listing->id] = $patch;
            }
        }

        return $patches;
    }

    private function sentences(ListingFigures $f): ?ListingPatch
    {
        $html = $f->words->held ? $f->words->shown() : (new RichText())->clean($f->words->shown());
        $junk = array_map(
            static fn (Junk $j): string => $j->sentence,
            Junk::in(RichText::lines($html), $f->wording()->own),
        );

        return $junk === [] ? null : ListingPatch::none()->words(CutSentences::from($html, $junk));
    }

    /** Names for options and values that have none of the seller's, where it is known what they stand for. */
    private function names(ListingFigures $f): ?ListingPatch
    {
        $own = $f->listing->own_names ?? [];
        $said = [];
        foreach ($f->variants as $variant) {
            foreach ($variant->said->options ?? [] as $option => $value) {
                $name = OptionWords::unclearName($option) ? OptionWords::nameSaid($option) : null;
                if ($name !== null && ($own[$option]['as'] ?? '') === '') {
                    $said[$option]['as'] = $name;
                }
                $word = OptionWords::unclearValue($value) ? OptionWords::valueSaid($value) : null;
                if ($word !== null && ($own[$option]['values'][$value] ?? '') === '') {
                    $said[$option]['values'][$value] = $word;
                }
            }
        }

        return $said === [] ? null : ListingPatch::none()->names(OptionNames::with($own, $said));
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> those that had such an option
     */
    private function dropPlaces(Stall $stall, BenchChange $step, array $ids): array
    {
        $dropped = [];
        foreach ($this->listings($stall, $ids) as $listing) {
            $values = [];
            foreach (ListingFigures::of($stall, $listing)->variants as $variant) {
                foreach ($variant->said->options ?? [] as $option => $value) {
                    $values[$option][$value] = (string) $value;
                }
            }
            foreach (array_diff_key($values, array_flip($listing->own_dropped)) as $option => $said) {
                if (ValueWords::places((string) $option, ...array_values($said))) {
                    $this->undo->during(
                        $stall,
                        $step,
                        [$listing->id],
                        fn () => ($this->drop)($stall, $listing->refresh(), (string) $option),
                    );
                    $dropped[] = $listing->id;
                }
            }
        }

        return $dropped;
    }

    /**
     * @param  array<int, Draft>  $drafts
     * @return list<int> those in which something was free
     */
    private function write(Stall $stall, BenchChange $step, array $drafts): array
    {
        $written = [];
        foreach ($this->listings($stall, array_keys($drafts)) as $listing) {
            $before = $listing->drafts;
            $this->undo->during(
                $stall,
                $step,
                [$listing->id],
                fn () => $this->draft->write($stall, $listing->refresh(), $drafts[$listing->id], DraftListing::FIELDS),
            );
            if ($listing->refresh()->drafts !== $before) {
                $written[] = $listing->id;
            }
        }

        return $written;
    }

    /** @param  list<int>  $ids */
    private function fetchAgain(Stall $stall, array $ids): void
    {
        $failed = Picture::of($stall)
            ->whereIn('listing_id', $ids)
            ->where('state', Picture::FAILED)
            ->whereNotNull('source');
        $of = (clone $failed)->distinct()->pluck('listing_id')->all();
        $failed->update(['state' => Picture::WAITING, 'trouble' => null]);
        foreach ($of as $listing) {
            FetchPictures::dispatch((int) $listing)->onQueue(PictureQueue::of($stall->id))->afterCommit();
        }
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Listing>
     */
    private function listings(Stall $stall, array $ids): Collection
    {
        return Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($ids)->orderBy('id')->get();
    }
}
