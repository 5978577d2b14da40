<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Core\Bench\Source;
use WindowStall\Pricing\PriceListings;
use WindowStall\Stall\Stall;

/** Works out again what listings show and writes it into their shown_… columns, for lists and for the shop. */
final readonly class ProjectListings
{
    private const CHUNK = 200;

    public function __construct(private PriceListings $price)
    {
    }

    /** @param  list<int>|null  $ids all of the stall's when null */
    public function __invoke(Stall $stall, ?array $ids = null): void
    {
        $this->chooseSources($stall, $ids);
        ($this->price)($stall, $ids);
        $stall->listings()->with(Listing::FOR_FIGURES)->when($ids !== null, fn ($q) => $q->whereKey($ids))->chunkById(self::CHUNK, function (Collection $listings) use ($stall): void {
            foreach ($listings as $listing) {
                $figures = ListingFigures::of($stall, $listing);
                $listing->update([
                    'shown_title' => mb_substr($figures->title->shown(), 0, 400),
                    // The address of a page follows the title until somebody may have seen it.
                    'slug' => $listing->shown_since === null ? self::slug($stall, $listing, $figures->title->shown()) : $listing->slug,
                ]);
                $this->wantPictures($listing, $figures->sources);
            }
        });
    }

    public static function slug(Stall $stall, Listing $listing, string $title): string
    {
        $base = Str::limit(Str::slug($title) ?: 'goods', 60, '');
        $slug = $base;
        for ($n = 2; Listing::query()->withTrashed()->where('stall_id', $stall->id)->where('slug', $slug)->whereKeyNot($listing->id ?? 0)->exists(); $n++) {
            $slug = $base.'-'.$n;
        }

        return $slug;
    }

    /**
     * Who sells each variant that can be had from several places, by what they have now.
     *
     * @param  list<int>|null  $ids
     */
    private function chooseSources(Stall $stall, ?array $ids): void
    {
        $rows = ListingVariant::query()->with(['sources.supplierVariant'])->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id)->when($ids !== null, fn ($q) => $q->whereKey($ids)))
            ->where(fn ($q) => $q->whereHas('sources')->orWhereNotNull('sold_variant_id'));
        foreach ($rows->get() as $row) {
            $sources = array_values($row->sources->map(static fn (VariantSource $s): Source => new Source($s->supplier_variant_id, $s->supplierVariant?->available() ?? 0, $s->use))->all());
            $sold = $sources === [] ? null : Source::selling($sources)->id;
            if ($row->sold_variant_id !== $sold) {
                $row->update(['sold_variant_id' => $sold]);
            }
        }
    }

    /** @param  list<string>  $sources the supplier's pictures now; new ones are fetched */
    private function wantPictures(Listing $listing, array $sources): void
    {
        $missing = array_values(array_diff(array_unique($sources), $listing->pictures->pluck('source')->all()));
        if ($missing === []) {
            return;
        }
        foreach ($missing as $source) {
            Picture::query()->insertOrIgnore(['stall_id' => $listing->stall_id, 'listing_id' => $listing->id, 'source' => $source, 'state' => Picture::WAITING, 'created_at' => now(), 'updated_at' => now()]);
        }
        FetchPictures::dispatch($listing->id);
    }
}
