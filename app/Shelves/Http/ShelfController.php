<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\DraftWords;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfPlaces;
use WindowStall\Shelves\ShelfReasons;
use WindowStall\Shelves\Views\RuleChoicesView;
use WindowStall\Shelves\Views\ShelfView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;

/** One shelf: its rule as a sentence, its goods, what a person says of single ones, and why each is on it or not. */
final readonly class ShelfController
{
    private const CHOSEN = ['listings' => 'required|array|max:2000', 'listings.*' => 'integer'];

    public function __construct(private ChangeShelf $change)
    {
    }

    public function show(Stall $stall, Shelf $shelf): Response
    {
        return Inertia::render('shelves/ShelfPage', [
            'shelf' => ShelfView::of($stall, $shelf),
            'choices' => RuleChoicesView::of($stall),
        ]);
    }

    public function update(Request $request, Stall $stall, Shelf $shelf): JsonResponse
    {
        $typed = $request->validate([
            'seen' => 'sometimes|integer',
            'name' => 'sometimes|required|string|max:80',
            'slug' => 'sometimes|required|string|max:80',
            'rule' => 'sometimes|array',
            'standing' => ['sometimes', Rule::enum(ShelfOrder::class)],
            'words' => 'sometimes|present|nullable|string|max:2000',
            'search_title' => 'sometimes|present|nullable|string|max:200',
            'search_words' => 'sometimes|present|nullable|string|max:400',
            'cover_id' => ['sometimes', 'present', 'nullable', 'integer', Rule::exists('listings', 'id')],
        ], ['name.required' => 'A shelf needs a name.', 'slug.required' => 'A shelf stands at an address.']);
        $seen = isset($typed['seen']) ? (int) $typed['seen'] : null;
        unset($typed['seen']);
        if (array_key_exists('words', $typed)) {
            $typed['words'] = (string) $typed['words'];
        }

        return self::answer($stall, $this->change->say($stall, $shelf, $typed, $seen, later: true));
    }

    /** At the top, there by hand, never, or as the rule says. */
    public function place(Request $request, Stall $stall, Shelf $shelf): JsonResponse
    {
        $kinds = [ShelfPlaces::PIN, ShelfPlaces::BY_HAND, ShelfPlaces::NEVER, ''];
        $typed = $request->validate(self::CHOSEN + ['kind' => ['present', 'nullable', Rule::in($kinds)]]);
        $listings = Typed::ids($typed);
        $kind = (string) $typed['kind'];

        return self::answer($stall, $this->change->place(
            $stall,
            $shelf,
            static fn (Shelf $now) => $kind === ''
                ? ShelfPlaces::forget($now, $listings)
                : ShelfPlaces::put($stall, $now, $listings, $kind),
        ));
    }

    /** Puts goods in an order by hand; from then on that is the shelf's. */
    public function order(Request $request, Stall $stall, Shelf $shelf): JsonResponse
    {
        $listings = Typed::ids($request->validate(self::CHOSEN));

        return self::answer($stall, $this->change->place($stall, $shelf, static function (Shelf $now) use (
            $stall,
            $listings,
        ): void {
            ShelfPlaces::order($stall, $now, $listings);
            $now->update(['standing' => ShelfOrder::Hand]);
        }));
    }

    public function why(Request $request, Stall $stall, Shelf $shelf): JsonResponse
    {
        return new JsonResponse(ShelfReasons::called($stall, $shelf, mb_substr(Typed::text($request, 'q'), 0, 120)));
    }

    /** A first text for its top, from its goods; nothing is saved. */
    public function draft(Stall $stall, Shelf $shelf): JsonResponse
    {
        return new JsonResponse(['words' => DraftWords::of($stall, $shelf)]);
    }

    private static function answer(Stall $stall, Shelf $shelf): JsonResponse
    {
        return new JsonResponse(ShelfView::of($stall, $shelf));
    }
}
