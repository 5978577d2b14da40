<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\ColoursOfPicture;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\SaidLook;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureColours;
use WindowStall\Support\Refusal;
use WindowStall\Window\KeptLooks;
use WindowStall\Window\LookFile;
use WindowStall\Window\Views\ColoursView;
use WindowStall\Window\Views\LooksView;
use WindowStall\Window\Views\OfferedLookView;
use WindowStall\Window\Views\SaidLookView;
use WindowStall\Window\Window;

/** Looks to choose from: starters, those the stall keeps, those said in a sentence, and looks as files. */
final readonly class LooksController
{
    /** Bytes of a look's file. */
    private const MOST = 64_000;

    public function __construct(private KeptLooks $kept)
    {
    }

    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(LooksView::of($stall, $this->kept));
    }

    /** Keeps the working copy's look under a name. */
    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['name' => 'required|string|max:40']);
        $this->kept->keep($stall, self::working($stall)->workingContent()->look, (string) $typed['name']);

        return $this->index($stall);
    }

    public function destroy(Stall $stall, int $look): JsonResponse
    {
        abort_unless($this->kept->letGo($stall, $look), 404);

        return $this->index($stall);
    }

    /** Three looks for what somebody said in a sentence. */
    public function said(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['words' => 'required|string|max:300']);

        return new JsonResponse(SaidLookView::of($stall, SaidLook::read((string) $typed['words'])));
    }

    /** The colours of the logo that the working copy has. */
    public function logoColours(Stall $stall): JsonResponse
    {
        $logo =
            self::working($stall)->workingContent()->look->logo ??
            throw new Refusal('There is no logo to take colours from.');
        $colours = ColoursOfPicture::of(PictureColours::of($logo['path']));

        return new JsonResponse(
            new ColoursView(array_values(array_map(static fn (Colour $c): string => $c->toHex(), $colours))),
        );
    }

    /** A look's file, read: it is offered, not put on. */
    public function read(Request $request, Stall $stall): JsonResponse
    {
        $file = $request->input('file');
        if (! is_string($file) || strlen($file) > self::MOST) {
            throw new Refusal('A look’s file is JSON of 64 KB at the most.');
        }
        [$name, $plan] = LookFile::read($file);

        return new JsonResponse(OfferedLookView::of($stall, $name, '', LookForm::of($plan)));
    }

    public function export(Stall $stall): JsonResponse
    {
        $look = self::working($stall)->workingContent()->look;

        return new JsonResponse(
            LookFile::write($look),
            headers: ['Content-Disposition' => 'attachment; filename="look.tokens.json"'],
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    private static function working(Stall $stall): Window
    {
        return Window::query()->findOrFail($stall->id);
    }
}
