<?php

declare(strict_types=1);

namespace WindowStall\Print\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\SendArtwork;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Support\Api\Page;
use WindowStall\Support\Refusal;

/** Artwork as programs send and read it. */
final class ArtworksController
{
    public function index(Request $request): JsonResponse
    {
        $stall = TokensStall::of($request);
        $page = Page::of($request);
        $rows = Artwork::of($stall)->here()->where('id', '>', $page->after)->orderBy('id')->limit($page->limit + 1)->get();

        return $page->answer($rows, self::say(...));
    }

    public function show(Request $request, int $artwork): JsonResponse
    {
        return new JsonResponse(self::say(Artwork::of(TokensStall::of($request))->findOrFail($artwork)));
    }

    /** POST /api/v1/print/artworks: a form with the file. It is read afterwards: ask until its state isn't "waiting". */
    public function store(Request $request, SendArtwork $send): JsonResponse
    {
        $stall = TokensStall::writing($request, 'print');
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Send the artwork as the file of a form, in the field “file”.');
        }

        return new JsonResponse(self::say($send($stall, $file->getRealPath(), $file->getClientOriginalName())), 201);
    }

    /** @return array<string, mixed> */
    public static function say(Artwork $artwork): array
    {
        $facts = $artwork->read();

        return [
            'id' => $artwork->id,
            'name' => $artwork->name,
            'version' => $artwork->version,
            'family' => $artwork->family(),
            'state' => $artwork->state,
            'trouble' => $artwork->trouble === '' ? null : $artwork->trouble,
            'width' => $facts?->width,
            'height' => $facts?->height,
            'vector' => $facts?->vector,
            'transparent' => $facts?->transparent,
            'colours' => array_map(
                static fn (array $c): array => ['hex' => $c[0], 'share' => $c[1] / 1000],
                $facts->colours ?? [],
            ),
            'notes' => $artwork->notes,
        ];
    }
}
