<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Window\PatchSheet;
use WindowStall\Window\Views\GalleyView;
use WindowStall\Window\Views\PagesView;
use WindowStall\Window\Views\ReachView;
use WindowStall\Window\Views\SectionKindView;
use WindowStall\Window\Views\WrittenPageView;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\GoodsOf;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/** Pages that a seller writes: made, dressed, drafted, shown to shoppers, hidden, taken away. */
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
            'goods_type' => 'sometimes|nullable|string|max:60',
            'goods_listing' => 'sometimes|nullable|integer|min:1|max:9000000000000',
        ]);
        $kind = PageKind::from($typed['kind']);
        if ($kind === PageKind::Goods) {
            $goods = GoodsOf::said($stall, $typed['goods_type'] ?? null, isset($typed['goods_listing']) ? (int) $typed['goods_listing'] : null);

            return new JsonResponse(WrittenPageView::of($stall, $this->change->make($stall, $kind, $goods->title(), $goods)));
        }
        $title = trim((string) ($typed['title'] ?? ''));
        $page = $this->change->make($stall, $kind, $title === '' ? $kind->heading() : $title);

        return new JsonResponse(WrittenPageView::of($stall, $page));
    }

    /** The page in the galley. */
    public function show(Stall $stall, WrittenPage $page): Response
    {
        return Inertia::render('window/GalleyPage', [
            'galley' => GalleyView::ofPage($stall, $page),
            'kinds' => SectionKindView::on($page->kind->plan()),
            'reach' => ReachView::of($stall),
            'front' => null,
            'page' => WrittenPageView::of($stall, $page),
        ]);
    }

    public function save(Request $request, Stall $stall, WrittenPage $page, PatchSheet $patch): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $typed = $request->validate([
            'version' => 'required|integer|min:0|max:9000000000',
            'sections' => 'present|array',
        ]);
        $saved = $this->change->dress($stall, $page, $typed['sections'], (int) $typed['version'], $user);

        return new JsonResponse($patch($stall, $saved));
    }

    public function update(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        $typed = $request->validate([
            'slug' => 'sometimes|required|string|max:80',
            'search_title' => 'sometimes|present|nullable|string|max:200',
            'search_words' => 'sometimes|present|nullable|string|max:400',
            'hidden' => 'sometimes|boolean',
            'dated_on' => 'sometimes|required|date_format:Y-m-d|after:1970-01-01',
        ], [
            'dated_on.*' => 'A note is of a day.',
            'slug.required' => 'A page stands at an address.']);

        return new JsonResponse(WrittenPageView::of($stall, $this->change->say($stall, $page, $typed)));
    }

    public function draft(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse(GalleyView::ofPage($stall, $this->change->draft($stall, $page, $user)));
    }

    /** Before shoppers, or not any more. */
    public function publish(Request $request, Stall $stall, WrittenPage $page): JsonResponse
    {
        $shown = (bool) $request->validate(['shown' => 'required|boolean'])['shown'];
        $page = $shown ? $this->change->show($stall, $page) : $this->change->hide($stall, $page);

        return new JsonResponse(GalleyView::ofPage($stall, $page));
    }

    public function destroy(Stall $stall, WrittenPage $page): JsonResponse
    {
        $this->change->remove($stall, $page);

        return new JsonResponse(PagesView::of($stall));
    }
}
