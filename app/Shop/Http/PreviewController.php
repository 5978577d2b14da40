<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Http\Typed;
use WindowStall\Window\Content;
use WindowStall\Window\Look;
use WindowStall\Window\OpenPreviews;
use WindowStall\Window\Pages\PageRenderer;
use WindowStall\Window\Window;
use WindowStall\Window\WindowRevision;
use WindowStall\Window\Written\WrittenPage;

/**
 * What isn't published, through the shoppers' renderer; only by a signed address, or by one that was given to somebody.
 */
final readonly class PreviewController
{
    public function __construct(private ShopRenderer $renderer, private PageRenderer $pages)
    {
    }

    public function galley(Request $request): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);

        return ShopResponse::html($this->pages->home($stall, self::working($stall->id), galley: true), private: true);
    }

    public function page(Request $request, int $page): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);

        return ShopResponse::html(
            $this->renderer->sheet($stall, WrittenPage::dressed($stall)->findOrFail($page)),
            private: true,
        );
    }

    public function revision(Request $request, int $revision): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);

        return ShopResponse::html(
            $this->pages->home($stall, WindowRevision::of($stall)->findOrFail($revision)->state()),
            private: true,
        );
    }

    public function look(Request $request): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);
        $working = self::working($stall->id);
        $asked = json_decode(Typed::text($request, 'look'), true);
        $look = Look::from((is_array($asked) ? $asked : []) + $working->look->toArray());

        return ShopResponse::html($this->pages->home($stall, Content::of($look, $working->sections)), private: true);
    }

    public function seen(Request $request, OpenPreviews $previews, string $secret): Response
    {
        $stall = ShopStall::of($request);
        abort_unless($previews->opens($stall, $secret), 404);

        return ShopResponse::html($this->pages->home($stall, self::working($stall->id)), private: true);
    }

    public function listing(Request $request, int $listing): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);
        $found = Listing::query()->with(Listing::FOR_FIGURES)->where('stall_id', $stall->id)->findOrFail($listing);

        return ShopResponse::html(
            $this->renderer->goods($stall, $this->renderer->published($stall), $found),
            private: true,
        );
    }

    private static function working(int $stall): Content
    {
        return Window::query()->findOrFail($stall)->workingContent();
    }
}
