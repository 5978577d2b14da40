<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\PageStore;
use WindowStall\Stall\Stall;

/** Answers with a page that is the same for every shopper, and keeps it as a file for the next. */
final readonly class KeepPage
{
    public function __construct(private PageStore $pages)
    {
    }

    /**
     * @param  string  $path  where it stands in the shop
     * @param  list<string>  $shows  other goods it shows, by the ends of their addresses
     */
    public function __invoke(Request $request, Stall $stall, string $path, string $html, array $shows = []): Response
    {
        if (! $stall->open) {
            return ShopResponse::html($html, private: true);
        }
        if ($request->isMethod('GET') && $request->getQueryString() === null) {
            // The stall was read before the page was made, so a change meanwhile has a newer revision and its own
            // folder.
            if (! $this->pages->current($stall->handle, $stall->shop_revision)) {
                $this->pages->turnTo($stall->handle, $stall->shop_revision);
            }
            $this->pages->write($stall->handle, $stall->shop_revision, $path, $html, $shows);
        }

        return ShopResponse::html($html);
    }
}
