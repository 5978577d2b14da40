<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Counter\Views\LeftBasketsView;
use WindowStall\Stall\Stall;

/** Baskets left at the checkout, and the one mail that reminds of them. */
final class LeftController
{
    /** Hours; a week at most, as nobody thinks of a basket longer. */
    private const LATEST = 60;

    public function index(Stall $stall): Response
    {
        return Inertia::render('counter/LeftPage', ['left' => LeftBasketsView::of($stall)]);
    }

    public function remind(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'words' => 'present|nullable|string|max:1000',
            'hours' => 'required|integer|min:1|max:'.self::LATEST,
        ], ['hours' => sprintf('Hours are a whole number from 1 to %d.', self::LATEST)]);
        $words = trim((string) $typed['words']);
        $stall->update(['reminder_words' => $words === '' ? null : $words, 'reminder_hours' => (int) $typed['hours']]);

        return new JsonResponse(LeftBasketsView::of($stall));
    }
}
