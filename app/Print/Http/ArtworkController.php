<?php

declare(strict_types=1);

namespace WindowStall\Print\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Core\Print\Lettering\Lettering;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\SendArtwork;
use WindowStall\Print\Artwork\WriteArtwork;
use WindowStall\Print\Views\ArtworkView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Artworks: sent, looked at, named, replaced by a newer version, put away. */
final class ArtworkController
{
    /** One file at a time; many are sent one after the other. */
    public function send(Request $request, Stall $stall, SendArtwork $send): JsonResponse
    {
        $newer = $request->filled('newer') ? Artwork::of($stall)->here()->findOrFail($request->integer('newer')) : null;
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw new Refusal('Choose a file first.');
        }
        if (! $file->isValid()) {
            throw new Refusal('The file didn’t arrive whole, or is larger than 100 MB. Try again.');
        }
        $sent = $send->unlessKnown($stall, $file->getRealPath(), $file->getClientOriginalName(), $newer);

        return new JsonResponse(ArtworkView::of($stall, $sent), 201);
    }

    /** Words, in one of the shipped typefaces. */
    public function write(Request $request, Stall $stall, WriteArtwork $write): JsonResponse
    {
        $typed = $request->validate([
            'words' => 'required|string|max:1000',
            'face' => 'required|string|max:40',
            'colour' => 'required|string|max:10',
            'align' => 'required|string|max:10',
            'newer' => 'sometimes|nullable|integer',
        ], ['words.required' => 'Write some words first.', 'words.max' => 'These are too many words for one piece.']);
        $newer = isset($typed['newer']) ? Artwork::of($stall)->here()->findOrFail((int) $typed['newer']) : null;
        $lettering = Lettering::read($typed['words'], $typed['face'], $typed['colour'], $typed['align']);

        return new JsonResponse(ArtworkView::of($stall, $write($stall, $lettering, $newer)), 201);
    }

    public function picture(Stall $stall, Artwork $artwork): Response
    {
        abort_if($artwork->preview === null, 404);

        return Storage::response($artwork->preview, headers: ['Cache-Control' => 'private, max-age=86400', 'Content-Type' => 'image/png']);
    }

    public function say(Request $request, Stall $stall, Artwork $artwork): RedirectResponse
    {
        $typed = $request->validate(
            ['name' => 'required|string|max:120', 'rights' => 'nullable|string|max:500'],
            ['name.required' => 'Give it a name.'],
        );
        $artwork->update(['name' => trim($typed['name']), 'rights' => trim($typed['rights'] ?? '')]);

        return back()->with('say', 'Said.');
    }

    /** What lies on goods stays there; it is only not offered any more. */
    public function remove(Stall $stall, Artwork $artwork): RedirectResponse
    {
        $artwork->update(['removed_at' => now()]);

        return back()->with('say', sprintf('“%s” is put away. Goods it lies on keep it.', $artwork->called()));
    }
}
