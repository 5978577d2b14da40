<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

use Illuminate\Support\Facades\Process;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A drawing as a PNG: made when first asked for, then kept. */
final class Rendered
{
    /** @param  array{drawing: string, colour: string, view: string, ground: int}  $picture */
    public static function png(array $picture, int $pixels): BinaryFileResponse
    {
        $pixels = min(1200, max(80, $pixels));
        $drawn = static fn (): string => Goods::svg(
            $picture['drawing'],
            $picture['colour'],
            View::from($picture['view']),
            $picture['ground'],
            $pixels,
        );

        return self::kept(json_encode($picture).$pixels.filemtime(__DIR__.'/Goods.php'), $drawn, $pixels);
    }

    public static function svg(string $svg, int $pixels): BinaryFileResponse
    {
        return self::kept($svg.$pixels, static fn (): string => $svg, $pixels);
    }

    /** @param  callable(): string  $svg */
    private static function kept(string $key, callable $svg, int $pixels): BinaryFileResponse
    {
        $file = storage_path('app/drawings/'.hash('xxh64', $key).'.png');
        if (! is_file($file)) {
            if (! is_dir(dirname($file))) {
                mkdir(dirname($file), 0777, true);
            }
            // Written beside and moved in, so that nobody reads half a picture.
            $half = $file.'.'.getmypid();
            Process::input($svg())
                ->timeout(20)
                ->run(['rsvg-convert', '-w', (string) $pixels, '-o', $half])
                ->throw();
            rename($half, $file);
        }

        return new BinaryFileResponse($file, 200, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'public, max-age=604800',
        ]);
    }
}
