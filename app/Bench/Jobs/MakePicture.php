<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\UnableToWriteFile;
use Throwable;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\PictureQueue;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Pictures\SvgDrawing;
use WindowStall\Support\Refusal;

/** Makes a picture that a person sent into the shop's sizes. */
final class MakePicture implements ShouldQueue
{
    use Queueable;

    /** Seconds from one try to the next while the disk is full. */
    private const UNTIL_THERE_IS_ROOM = 120;

    public int $tries = 2;

    public int $timeout = 120;

    public function __construct(public readonly int $pictureId)
    {
        $this->onQueue(PictureQueue::LATER);
    }

    public function handle(PictureSizes $sizes): void
    {
        $picture = Picture::query()->where('state', Picture::WAITING)->whereNotNull('incoming')->find($this->pictureId);
        if ($picture === null) {
            return;
        }
        $incoming = (string) $picture->incoming;
        try {
            $bytes = (string) Storage::get($incoming);
            $bytes = $picture->listing_id === null && SvgDrawing::is($bytes) ? SvgDrawing::png($bytes) : $bytes;
            $made = $picture->logo
                ? $sizes->logo($bytes, $picture->stall_id.'/logo')
                : $sizes->make($bytes, $picture->stall_id.'/'.($picture->listing_id ?? 'own'));
            $this->say($picture, $made + ['state' => Picture::READY, 'trouble' => null, 'incoming' => null]);
        } catch (UnableToWriteFile) {
            // Nothing is wrong with the picture: it is made once there is room.
            self::dispatch($picture->id)->delay(self::UNTIL_THERE_IS_ROOM);

            return;
        } catch (Refusal $refusal) {
            $this->refused($picture, $refusal->getMessage());
        }
        Storage::delete($incoming);
    }

    /** @param  array<string, mixed>  $what  columns of the picture */
    private function say(Picture $picture, array $what): void
    {
        DB::transaction(static function () use ($picture, $what): void {
            $picture->update($what);
            $stall = Stall::query()->findOrFail($picture->stall_id);
            if ($picture->listing_id === null) {
                StalePages::frame($stall);
            } else {
                event(new ListingsChanged($stall, [$picture->listing_id]));
            }
        });
    }

    /** It asked for more memory or time than a picture may. */
    public function failed(?Throwable $e): void
    {
        $picture = Picture::query()->where('state', Picture::WAITING)->find($this->pictureId);
        if ($picture !== null) {
            $this->refused(
                $picture,
                'This picture can’t be opened here. Save it smaller, as JPEG, PNG or WebP, and send it again.',
            );
        }
    }

    private function refused(Picture $picture, string $why): void
    {
        $this->say($picture, ['state' => Picture::FAILED, 'trouble' => $why, 'incoming' => null]);
    }
}
