<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Shop\Ready\ReadyPage;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\PageSays;
use WindowStall\Window\Written\WrittenPage;

/** Pages the seller wrote, and policies; a policy also as it was when something was bought under it. */
final readonly class PublishedPagesController
{
    public function __construct(private ShopRenderer $renderer, private KeepPage $keep)
    {
    }

    public function page(Request $request, string $slug): Response
    {
        return $this->written($request, $slug, null);
    }

    /** @param  PageKind|null  $kind  a note stands among notes, all others among pages */
    public function written(Request $request, string $slug, ?PageKind $kind): Response
    {
        $stall = ShopStall::of($request);
        $page = WrittenPage::of($stall)
            ->where('slug', $slug)
            ->where('kind', $kind === null ? '<>' : '=', $kind ?? PageKind::Note)
            ->whereNotNull('shown')
            ->first();
        if ($page === null) {
            return $this->renderer->missing($stall);
        }

        // A form says when it was made, so it isn't kept.
        return PageSays::has($page->publishedContent(), 'letter')
            ? ShopResponse::html($this->renderer->written($stall, $page), private: true)
            : ($this->keep)($request, $stall, $page->address(), fn (): ReadyPage => new ReadyPage(
                $this->renderer->written($stall, $page),
            ));
    }

    public function policy(Request $request, string $kind): Response
    {
        $stall = ShopStall::of($request);
        $asked = $request->query('version');
        // More digits than these no version has.
        $number = is_string($asked) && preg_match('/^\d{1,8}$/D', $asked) === 1 ? (int) $asked : null;
        $policy = PolicyKind::tryFrom($kind);
        $version = $policy === null ? null : PolicyVersion::of($stall)
            ->where('kind', $policy)
            ->when($asked !== null, static fn ($q) => $q->where('number', $number ?? 0))
            ->orderByDesc('number')
            ->first();
        if ($version === null) {
            return $this->renderer->missing($stall);
        }

        $now = (int) PolicyVersion::of($stall)->where('kind', $policy)->max('number');

        return ($this->keep)($request, $stall, '/policies/'.$kind, fn (): ReadyPage => new ReadyPage(
            $this->renderer->policy($stall, $version, $now),
        ));
    }
}
