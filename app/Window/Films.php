<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Films of the stall's own: kept as they were sent and never opened here; browsers show them. */
final class Films
{
    public const MOST_MEGABYTES = 60;

    private const MOST = 30;

    /**
     * @return int its number
     *
     * @throws Refusal when it is no film that browsers show
     */
    public function take(Stall $stall, mixed $file): int
    {
        if (! ($file instanceof UploadedFile)) {
            throw new Refusal('Choose a film first.');
        }
        if (! $file->isValid() || $file->getSize() > self::MOST_MEGABYTES * 1_048_576) {
            throw new Refusal(sprintf('The film is larger than %d MB, or didn’t arrive whole.', self::MOST_MEGABYTES));
        }
        $ending =
            self::ending($file) ??
            throw new Refusal('This file is no film that browsers show. Save it as MP4 or WebM.');
        if (DB::table('films')->where('stall_id', $stall->id)->count() >= self::MOST) {
            throw new Refusal(sprintf('%d films are kept already.', self::MOST));
        }
        $path = $stall->id.'/film/'.Str::random(32).'.'.$ending;
        $stream = fopen($file->getRealPath(), 'r') ?: throw new Refusal('The film didn’t arrive whole. Try again.');
        Storage::disk((string) config('filesystems.media'))->writeStream($path, $stream);

        return DB::table('films')->insertGetId([
            'stall_id' => $stall->id,
            'path' => $path,
            'name' => mb_substr($file->getClientOriginalName(), 0, 120),
            'bytes' => (int) $file->getSize(),
            'created_at' => Carbon::now(),
        ]);
    }

    /** Where browsers get it, or null where the stall has no such film. */
    public static function url(Stall $stall, mixed $id): ?string
    {
        $path = is_int($id) ? DB::table('films')->where('stall_id', $stall->id)->where('id', $id)->value('path') : null;

        return is_string($path) ? Storage::disk((string) config('filesystems.media'))->url($path) : null;
    }

    /** @return list<array{id: int, name: string}> newest first */
    public static function all(Stall $stall): array
    {
        $films = DB::table('films')
            ->where('stall_id', $stall->id)
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->pluck('name', 'id');

        return array_values(
            $films->map(static fn (mixed $name, int $id): array => ['id' => $id, 'name' => (string) $name])->all(),
        );
    }

    /** By its first bytes, whatever it is called: an MP4 (ISO 14496-12, "ftyp") or a WebM (EBML). */
    private static function ending(UploadedFile $file): ?string
    {
        $head = (string) file_get_contents($file->getRealPath(), length: 12);

        return match (true) {
            substr($head, 4, 4) === 'ftyp' => 'mp4',
            str_starts_with($head, "\x1A\x45\xDF\xA3") => 'webm',
            default => null,
        };
    }
}
