<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Standins\Drawings\Rendered;

/** Oakum's pictures. ?px= asks for a smaller one. */
final class PictureController
{
    public function __invoke(Request $request, string $item, int $n): Response
    {
        $pictures = Books::table('items')->where('id', $item)->value('pictures');
        $picture = is_string($pictures) ? (json_decode($pictures, true)[$n] ?? null) : null;

        return $picture === null ? abort(404) : Rendered::png($picture, $request->integer('px', 1200));
    }
}
