<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\NotesFeed;
use WindowStall\Shop\Ready\ReadyPage;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Http\Typed;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\ShownNotes;

/** The stall's notes: a list, and the feed that programs read. A note itself is a written page. */
final readonly class NotesController
{
    public function __construct(private ShopRenderer $renderer, private PublishedPagesController $pages, private KeepPage $keep)
    {
    }

    public function index(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $count = ShownNotes::count($stall);
        $asked = Typed::text($request, 'page');
        $page = preg_match('/^[1-9]\d{0,3}$/D', $asked) === 1 ? (int) $asked : 1;
        if ($count === 0 || ($page - 1) * ShownNotes::PAGE >= $count) {
            return $this->renderer->missing($stall);
        }

        return $page === 1
            ? ($this->keep)($request, $stall, '/notes', fn (): ReadyPage => new ReadyPage($this->renderer->notes($stall, 1, $count)))
            : ShopResponse::html($this->renderer->notes($stall, $page, $count));
    }

    public function note(Request $request, string $slug): Response
    {
        return $this->pages->written($request, $slug, PageKind::Note);
    }

    public function feed(Request $request): Response
    {
        return new Response((new NotesFeed(ShopStall::of($request)))->write(), 200, [
            'Content-Type' => NotesFeed::TYPE.'; charset=utf-8',
            'Cache-Control' => 'public, max-age=900',
        ]);
    }
}
