<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;
use WindowStall\Window\Views\PagesView;
use WindowStall\Window\Views\WrittenPageView;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/** Pages that a seller writes: made, written on, drafted, shown to shoppers, hidden, taken away. */
final readonly class WrittenPagesController
{
    public function __construct(private ChangePage $change)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('window/PagesPage', ['papers' => PagesView::of($stall)]);
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'kind' => ['required', Rule::enum(PageKind::class)],
            'title' => 'sometimes|nullable|string|max:80',
        ]);
        $kind = PageKind::from($typed['kind']);
        $title = trim((string) ($typed['title'] ?? ''));
        $page = $this->change->make($stall, $kind, $title === '' ? $kind->heading() : $title);

        return new JsonResponse(WrittenPageView::of($stall, $page));
    }

    public function show(Stall $stall, WrittenPage $page): Response
    {
        return Inertia::render('window/WrittenPage', ['page' => WrittenPageView::of($stall, $page)]);
    }

    public function update(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        $typed = $request->validate([
            'seen' => 'sometimes|integer',
            'title' => 'sometimes|required|string|max:80',
            'slug' => 'sometimes|required|string|max:80',
            'words' => 'sometimes|present|nullable|string|max:'.(RichText::MOST_LETTERS * 2),
            'asked' => 'sometimes|array|max:40',
            'asked.*.ask' => 'present|nullable|string|max:160',
            'asked.*.answer' => 'present|nullable|string|max:2000',
            'search_title' => 'sometimes|present|nullable|string|max:200',
            'search_words' => 'sometimes|present|nullable|string|max:400',
            'hidden' => 'sometimes|boolean',
        ], ['title.required' => 'A page needs a title.', 'slug.required' => 'A page stands at an address.']);
        $seen = isset($typed['seen']) ? (int) $typed['seen'] : null;
        unset($typed['seen']);
        if (array_key_exists('words', $typed)) {
            $typed['words'] = (string) $typed['words'];
        }
        if (isset($typed['asked'])) {
            $typed['asked'] = array_map(static fn (array $one): array => [
                'ask' => (string) $one['ask'],
                'answer' => (string) $one['answer'],
            ], array_values($typed['asked']));
        }

        return new JsonResponse(WrittenPageView::of($stall, $this->change->say($stall, $page, $typed, $seen)));
    }

    public function draft(Stall $stall, WrittenPage $page): JsonResponse
    {
        return new JsonResponse(WrittenPageView::of($stall, $this->change->draft($stall, $page)));
    }

    /** Before shoppers, or not any more. */
    public function publish(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        $shown = (bool) $request->validate(['shown' => 'required|boolean'])['shown'];
        $page = $shown ? $this->change->show($stall, $page) : $this->change->hide($stall, $page);

        return new JsonResponse(WrittenPageView::of($stall, $page));
    }

    public function destroy(Stall $stall, WrittenPage $page): JsonResponse
    {
        $this->change->remove($stall, $page);

        return new JsonResponse(PagesView::of($stall));
    }
}
