<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Reviews\HiddenBecause;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Reviews\BringInReviews;
use WindowStall\Reviews\DecideReview;
use WindowStall\Reviews\Review;
use WindowStall\Reviews\Views\BroughtInView;
use WindowStall\Reviews\Views\ReviewRowView;
use WindowStall\Reviews\Views\ReviewsView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Http\Typed;

/** What buyers said: read, answered, shown or hidden for a stated reason. */
final readonly class ReviewsController
{
    private const PAGE = 50;

    private const MOST_KILOBYTES = 2_048;

    public function __construct(private DecideReview $decide)
    {
    }

    public function index(Request $request, Stall $stall): Response
    {
        $state = ReviewState::tryFrom(Typed::text($request, 'state'));
        $page = Review::of($stall)
            ->with('listing')
            ->when($state !== null, static fn ($q) => $q->where('state', $state))
            ->orderByDesc('id')
            ->cursorPaginate(self::PAGE, cursor: Cursors::byId($request));

        return Inertia::render('reviews/ReviewsPage', [
            'reviews' => collect($page->items())->map(static fn (Review $r): ReviewRowView => ReviewRowView::of($stall, $r))->all(),
            'about' => ReviewsView::of($stall, $state),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    /** How many days after it was there buyers are asked; null for never. */
    public function say(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['after' => 'present|nullable|integer|min:1|max:60'], [
            'after.*' => 'Between 1 and 60 days after it was there, or never.',
        ]);
        $stall->update(['reviews_after_days' => $typed['after'] === null ? null : (int) $typed['after']]);

        return new JsonResponse(ReviewsView::of($stall, null));
    }

    /** What was said elsewhere, from a table. */
    public function bringIn(Request $request, Stall $stall, BringInReviews $bring): JsonResponse
    {
        $typed = $request->validate([
            'source' => 'required|string|max:80',
            'file' => 'required|file|max:'.self::MOST_KILOBYTES,
        ], [
            'source.*' => 'Say where it was said, in 80 letters at the most: shoppers read it beside each.',
            'file.*' => 'The table is a file of 2 MB at the most.',
        ]);
        /** @var UploadedFile $file */
        $file = $request->file('file');
        $source = trim((string) $typed['source']);

        return new JsonResponse(BroughtInView::of($bring($stall, (string) $file->getRealPath(), $source), $source));
    }

    public function answer(Request $request, Stall $stall, Review $review): JsonResponse
    {
        $typed = $request->validate(['words' => 'present|nullable|string|max:1000'], [
            'words.max' => 'An answer has 1,000 letters at the most.',
        ]);

        return $this->now($stall, $this->decide->answer($stall, $review, trim((string) $typed['words'])));
    }

    public function show(Stall $stall, Review $review): JsonResponse
    {
        return $this->now($stall, $this->decide->show($stall, $review));
    }

    public function hide(Request $request, Stall $stall, Review $review): JsonResponse
    {
        $typed = $request->validate(['because' => ['required', Rule::enum(HiddenBecause::class)]], [
            'because.*' => 'Say why it is hidden; that it isn’t good is no reason.',
        ]);
        $because = HiddenBecause::from($typed['because']);

        return $this->now($stall, $this->decide->hide($stall, $review, $because, User::asking($request)));
    }

    private function now(Stall $stall, Review $review): JsonResponse
    {
        return new JsonResponse(ReviewRowView::of($stall, $review->load('listing')));
    }
}
