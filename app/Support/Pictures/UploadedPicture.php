<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use WindowStall\Support\Refusal;

/** Reads an uploaded picture's bytes, or says in a sentence why it can't. The limit speaks to ops/php.ini. */
final class UploadedPicture
{
    public const MOST_MEGABYTES = 12;

    public static function bytes(Request $request, string $field): string
    {
        $file = $request->file($field);
        if (! ($file instanceof UploadedFile)) {
            throw new Refusal('Choose a picture first.');
        }

        return self::read($file);
    }

    /** @throws Refusal */
    public static function read(UploadedFile $file): string
    {
        if (
            in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true) ||
            $file->getSize() > self::MOST_MEGABYTES * 1_048_576
        ) {
            throw new Refusal(
                sprintf('The picture is larger than %d MB. Make it smaller and try again.', self::MOST_MEGABYTES),
            );
        }
        if (! $file->isValid()) {
            throw new Refusal('The picture didn’t arrive whole. Try again.');
        }

        return (string) $file->get();
    }
}
