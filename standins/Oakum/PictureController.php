<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Process;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Standins\Drawings\Goods;
use WindowStall\Standins\Drawings\View;

/** Oakum's pictures: drawn when first asked for, then kept. ?px= asks for a smaller one. */
final class PictureController
{
    public function __invoke(Request $request, string $item, int $n): Response
    {
        $pictures = Books::table('items')->where('id', $item)->value('pictures');
        $picture = is_string($pictures) ? (json_decode($pictures, true)[$n] ?? null) : null;
        abort_if($picture === null, 404);
        $pixels = min(1200, max(80, $request->integer('px', 1200)));
        $file = storage_path('app/oakum/'.hash('xxh64', json_encode($picture).$pixels.filemtime(__DIR__.'/../Drawings/Goods.php')).'.png');
        if (! is_file($file)) {
            if (! is_dir(dirname($file))) {
                mkdir(dirname($file), 0777, true);
            }
            $svg = Goods::svg($picture['drawing'], $picture['colour'], View::from($picture['view']), $picture['ground'], $pixels);
            // Written beside and moved in, so that nobody reads half a picture.
            $half = $file.'.'.getmypid();
            Process::input($svg)->timeout(20)->run(['rsvg-convert', '-o', $half])->throw();
            rename($half, $file);
        }

        return new BinaryFileResponse($file, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'public, max-age=604800']);
    }
}
