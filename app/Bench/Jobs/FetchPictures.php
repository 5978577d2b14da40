<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Picture;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;

/** Fetches a listing's waiting pictures from its supplier and makes them into the shop's sizes. Running it twice fetches nothing twice. */
final class FetchPictures implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 300;

    /** @var list<int> seconds between tries */
    public array $backoff = [5, 60];

    public function __construct(public readonly int $listingId)
    {
        $this->onQueue('pictures');
    }

    public function handle(PictureSizes $sizes): void
    {
        $listing = Listing::query()->with(['stall', 'supplierItem.connection'])->find($this->listingId);
        if ($listing === null) {
            return;
        }
        // Whoever comes second leaves it to the first.
        $lock = Cache::lock('fetch-pictures-'.$listing->id, $this->timeout);
        if (! $lock->get()) {
            return;
        }
        try {
            $this->fetch($listing, $sizes);
        } finally {
            $lock->release();
        }
        if ($listing->stall !== null && $listing->shown_since !== null) {
            $listing->stall->bumpShop();
        }
    }

    private function fetch(Listing $listing, PictureSizes $sizes): void
    {
        $supplierHost = (string) parse_url((string) $listing->supplierItem?->connection?->address, PHP_URL_HOST);
        foreach (Picture::query()->where('listing_id', $listing->id)->where('state', Picture::WAITING)->orderBy('id')->get() as $picture) {
            try {
                $picture->update($sizes->make($this->bytes((string) $picture->source, $supplierHost), $listing->stall_id.'/'.$listing->id) + ['state' => Picture::READY, 'trouble' => null]);
            } catch (Refusal $refusal) {
                $picture->update(['state' => Picture::FAILED, 'trouble' => $refusal->getMessage()]);
            }
        }
    }

    private function bytes(string $source, string $supplierHost): string
    {
        // A supplier may name any address; only its own host is asked, so that nobody is sent into the workshop's network.
        if (parse_url($source, PHP_URL_HOST) !== $supplierHost) {
            throw new Refusal('The picture lies at an address that isn’t the supplier’s.');
        }
        try {
            $response = Http::timeout(20)->connectTimeout(4)->withOptions(['allow_redirects' => false])->get($source);
        } catch (ConnectionException $e) {
            if ($this->attempts() < $this->tries && $this->job !== null) {
                throw $e;
            }
            throw new Refusal('The supplier didn’t send the picture in time.');
        }
        if (! $response->successful()) {
            throw new Refusal(sprintf('The supplier has no such picture (it answered %d).', $response->status()));
        }
        if (strlen($response->body()) > UploadedPicture::MOST_MEGABYTES * 1_048_576) {
            throw new Refusal('The supplier’s picture is too large a file.');
        }

        return $response->body();
    }
}
