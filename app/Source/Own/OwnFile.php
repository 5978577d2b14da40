<?php

declare(strict_types=1);

namespace WindowStall\Source\Own;

use Illuminate\Http\File;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use WindowStall\Support\Refusal;

/** The file that shoppers of a download get. It is never read here, only handed on. */
final class OwnFile
{
    private const MOST_BYTES = 100 * 1024 * 1024;

    /** @throws Refusal */
    public static function take(OwnGood $good, mixed $sent): void
    {
        if (! $sent instanceof UploadedFile) {
            throw new Refusal('Choose a file first.');
        }
        if (! $sent->isValid() || $sent->getSize() > self::MOST_BYTES) {
            throw new Refusal('The file didn’t arrive whole, or is larger than 100 MB. Try again.');
        }
        if ($sent->getSize() === 0) {
            throw new Refusal('This file is empty.');
        }
        $before = $good->file;
        $kept = (string) Storage::putFile('own/'.$good->stall_id, new File($sent->getRealPath()));
        $good->update([
            'file' => $kept,
            'file_name' => self::name($sent->getClientOriginalName()),
            'file_bytes' => $sent->getSize(),
            'file_at' => now(),
        ]);
        if ($before !== null) {
            Storage::delete($before);
        }
    }

    /** As it may stand in a header and on a disk. */
    private static function name(string $sent): string
    {
        $name = trim((string) preg_replace('~[\x00-\x1f\x7f/\\\\:*?"<>|]+~u', ' ', $sent), ' .');

        return $name === '' ? 'file' : mb_substr($name, -120);
    }
}
