<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\Ready\PageFolder;
use WindowStall\Shop\Ready\PagePath;
use WindowStall\Shop\Ready\ReadyPage;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;

/** Answers with a page that is the same for every shopper, and keeps it as a file for the next. */
final readonly class KeepPage
{
    /**
     * @param  string  $path  where it stands in the shop, in whichever market
     * @param  Closure(): ReadyPage  $make
     */
    public function __invoke(Request $request, Stall $stall, string $path, Closure $make): Response
    {
        if (! $stall->open) {
            return ShopResponse::html($make()->html, private: true);
        }
        $kept = PagePath::of($stall->seen()->path($path));
        if ($kept === null || ! $request->isMethod('GET') || $request->getQueryString() !== null) {
            return ShopResponse::html($make()->html);
        }
        $state = ShopStall::state($request);
        $folder = PageFolder::of($stall);
        rescue(static fn () => $folder->follow($state));

        return ShopResponse::html($folder->makeOnce($kept, static function () use ($folder, $state, $kept, $make): string {
            $page = $make();
            $folder->write($state, $kept, $page);

            return $page->html;
        }));
    }
}
