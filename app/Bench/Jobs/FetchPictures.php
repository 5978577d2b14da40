<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Pictures\MakesPictures;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\PictureQueue;
use WindowStall\Support\Outbound\Fetch;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;

/**
 * Fetches a listing's waiting pictures from its supplier and makes them into the shop's sizes. Running it twice fetches
 * nothing twice. Of many listings taken at once each gets the picture that leads it before any gets its others.
 */
final class FetchPictures implements ShouldQueue
{
    use Queueable;

    /** Pictures of one listing. */
    private const MOST = 100;

    public int $tries = 3;

    public int $timeout = 300;

    /** @var list<int> seconds between tries */
    public array $backoff = [5, 60];

    /** @param  bool  $leading  the first of them only; the others wait behind whatever waits by then */
    public function __construct(public readonly int $listingId, public readonly bool $leading = false)
    {
        $this->onQueue(PictureQueue::LATER);
    }

    public function handle(PictureSizes $sizes, MakesPictures $making): void
    {
        $listing = Listing::query()
            ->with(['stall', 'supplierItem.connection'])
            ->find($this->listingId);
        if ($listing === null) {
            return;
        }
        // Whoever comes second leaves it to the first.
        $lock = Cache::lock('fetch-pictures-'.$listing->id, $this->timeout);
        if (! $lock->get()) {
            return;
        }
        try {
            $this->fetch($listing, $sizes, $making);
        } finally {
            $lock->release();
        }
        if ($this->leading && self::waiting($listing)->exists()) {
            self::dispatch($listing->id)->onQueue($this->queue);
        }
    }

    /** @return Builder<Picture> */
    private static function waiting(Listing $listing): Builder
    {
        return Picture::query()
            ->where('listing_id', $listing->id)
            ->where('state', Picture::WAITING)
            ->whereNotNull('source')
            ->orderBy('id');
    }

    private function fetch(Listing $listing, PictureSizes $sizes, MakesPictures $making): void
    {
        foreach (self::waiting($listing)->limit($this->leading ? 1 : self::MOST)->get() as $picture) {
            try {
                $source = (string) $picture->source;
                $own = $listing->stall !== null && $making->makes($source) ? $listing->stall : null;
                $made = $sizes->make(
                    $own === null ? $this->bytes($source) : $making->bytes($own, $source),
                    $listing->stall_id.'/'.$listing->id,
                );
                $made += $own === null ? [] : ['alt' => $picture->alt ?? $making->alt($own, $source)];
                $this->say($listing, $picture, $made + ['state' => Picture::READY, 'trouble' => null]);
            } catch (Refusal|Unreachable $refusal) {
                if ($refusal instanceof Unreachable && $this->attempts() < $this->tries && $this->job !== null) {
                    throw $refusal;
                }
                $this->say($listing, $picture, ['state' => Picture::FAILED, 'trouble' => $refusal->getMessage()]);
            }
        }
    }

    /** @param  array<string, mixed>  $what  columns of the picture */
    private function say(Listing $listing, Picture $picture, array $what): void
    {
        DB::transaction(static function () use ($listing, $picture, $what): void {
            $picture->update($what);
            // It may have been put in the window meanwhile.
            $shown = Listing::query()->whereKey($listing->id)->whereNotNull('shown_since')->exists();
            if ($shown && $listing->stall !== null) {
                event(new ListingsChanged($listing->stall, [$listing->id]));
            }
        });
    }

    private function bytes(string $source): string
    {
        return Fetch::bytes($source, UploadedPicture::MOST_MEGABYTES * 1_048_576, 20);
    }
}
