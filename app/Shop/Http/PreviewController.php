<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Window\Window;

/** The working copy, through the shoppers' renderer; only by a signed address. */
final readonly class PreviewController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function home(Request $request, int $version): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);

        return ShopResponse::html($this->renderer->home($stall, Window::query()->findOrFail($stall->id)->workingContent()), private: true);
    }

    public function listing(Request $request, int $listing): Response
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);
        $found = Listing::query()->with(Listing::FOR_FIGURES)->where('stall_id', $stall->id)->findOrFail($listing);

        return ShopResponse::html($this->renderer->goods($stall, $this->renderer->published($stall), $found), private: true);
    }
}
