<?php

declare(strict_types=1);

namespace WindowStall\Print\Artwork;

use Illuminate\Http\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Print\Jobs\ReadArtwork;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Takes a file with an artwork: laid by as it came, and read by a worker. */
final class SendArtwork
{
    public const MOST_MEGABYTES = 100;

    /**
     * @param  string  $path  of the file on this machine
     * @param  string  $called  the name of the file
     * @param  Artwork|null  $newer  the artwork that this is a new version of
     *
     * @throws Refusal when it is empty or too large
     */
    public function __invoke(Stall $stall, string $path, string $called, ?Artwork $newer = null): Artwork
    {
        $bytes = (int) filesize($path);
        if ($bytes === 0) {
            throw new Refusal('This file is empty. Choose another.');
        }
        if ($bytes > self::MOST_MEGABYTES * 1_048_576) {
            throw new Refusal(sprintf('This file is larger than %d MB. Save it smaller and send it again.', self::MOST_MEGABYTES));
        }
        $original = (string) Storage::putFile('artwork/'.$stall->id, new File($path));
        $family = $newer?->family();
        $artwork = Artwork::query()->create([
            'stall_id' => $stall->id,
            'family_id' => $family,
            'version' => $family === null ? 1 : 1 + (int) self::versions($stall, $family)->max('version'),
            'name' => $newer->name ?? self::name($called),
            'rights' => $newer->rights ?? '',
            'state' => Artwork::WAITING,
            'original' => $original,
            'bytes' => $bytes,
            'sha256' => (string) hash_file('sha256', $path),
        ]);
        ReadArtwork::dispatch($artwork->id);

        return $artwork->refresh();
    }

    /**
     * The same, but that a file is taken once.
     *
     * @throws Refusal when it is here already
     */
    public function unlessKnown(Stall $stall, string $path, string $called, ?Artwork $newer = null): Artwork
    {
        $known = Artwork::of($stall)->here()->where('sha256', hash_file('sha256', $path))->first();
        if ($known !== null) {
            throw new Refusal(sprintf('That is here already, as “%s”.', $known->called()));
        }

        return $this($stall, $path, $called, $newer);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Artwork> */
    public static function versions(Stall $stall, int $family): \Illuminate\Database\Eloquent\Builder
    {
        return Artwork::query()
            ->where('stall_id', $stall->id)
            ->where(static fn ($q) => $q->where('family_id', $family)->orWhere('id', $family));
    }

    /** "leek_in-ink.png" is "Leek in ink". */
    private static function name(string $called): string
    {
        $plain = mb_substr(trim((string) preg_replace('/[\s_-]+/u', ' ', pathinfo($called, PATHINFO_FILENAME))), 0, 120);

        return $plain === '' ? 'Artwork' : Str::ucfirst($plain);
    }
}
