<?php

declare(strict_types=1);

namespace WindowStall\Print\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use Throwable;
use WindowStall\Bench\Pictures\PictureQueue;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\ReadFile;
use WindowStall\Support\LocalCopy;
use WindowStall\Support\Pictures\Workbench;
use WindowStall\Support\Refusal;

/** Reads an artwork that was sent. Running it twice reads nothing twice. */
final class ReadArtwork implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 280;

    public function __construct(public readonly int $artworkId)
    {
        $this->onQueue(PictureQueue::FIRST);
    }

    public function handle(ReadFile $read): void
    {
        $artwork = Artwork::query()->where('state', Artwork::WAITING)->find($this->artworkId);
        if ($artwork === null) {
            return;
        }
        try {
            LocalCopy::with($artwork->original, fn (string $file) => Workbench::with(
                fn (string $folder) => $this->keep($artwork, $read($file, $folder)),
            ));
        } catch (Refusal $refusal) {
            $this->refused($artwork, $refusal->getMessage());
        }
    }

    /** @param  array{type: string, master: string, preview: string, facts: \WindowStall\Core\Print\ArtworkFacts, notes: list<string>}  $made */
    private function keep(Artwork $artwork, array $made): void
    {
        $kept = [];
        foreach (['master', 'preview'] as $what) {
            $kept[$what] = $artwork->original.'.'.$what.'.'.pathinfo($made[$what], PATHINFO_EXTENSION);
            $in = fopen($made[$what], 'r') ?: throw new \RuntimeException('What was made is gone.');
            Storage::put($kept[$what], $in);
        }
        $artwork->update($kept + [
            'type' => $made['type'],
            'facts' => $made['facts']->toArray(),
            'notes' => $made['notes'],
            'state' => Artwork::READY,
        ]);
    }

    /** It asked for more memory or time than there is. */
    public function failed(?Throwable $e): void
    {
        $artwork = Artwork::query()->where('state', Artwork::WAITING)->find($this->artworkId);
        $artwork === null || $this->refused($artwork, 'This picture can’t be opened here. Save it smaller, as PNG or JPEG.');
    }

    private function refused(Artwork $artwork, string $why): void
    {
        $artwork->update(['state' => Artwork::REFUSED, 'trouble' => $why]);
    }
}
