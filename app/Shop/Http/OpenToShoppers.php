<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Shop\KeeperPass;
use WindowStall\Shop\Onlooker;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** While a shop is closed its shoppers see a page that says so; orders, what was shown to somebody, and the end of mail stay. */
final readonly class OpenToShoppers
{
    private const ALWAYS = [
        'shop.enter', 'shop.robots', 'shop.seen', 'shop.preview.*', 'shop.order', 'shop.order.*', 'shop.no-more-mail',
        'shop.no-more-mail.*', 'shop.sign-up', 'shop.look-in', 'shop.look-in.typed',
    ];

    /** Seconds after which whoever reads for a search engine may ask again. */
    private const AGAIN = '86400';

    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $stall = ShopStall::of($request);
        if ($stall->open || $request->routeIs(...self::ALWAYS) || self::mayLookIn($request, $stall)) {
            return $next($request);
        }
        $html = $this->renderer->bare($stall, $this->renderer->published($stall), 'closed', [
            'title' => $stall->name,
            'onlookers' => Onlooker::of($stall)->exists(),
        ]);
        $answer = ShopResponse::html($html, 503, private: true);
        $answer->headers->set('Retry-After', $stall->opens_at?->isFuture() === true
            ? $stall->opens_at->utc()->format('D, d M Y H:i:s').' GMT'
            : self::AGAIN);

        return $answer;
    }

    private static function mayLookIn(Request $request, Stall $stall): bool
    {
        return KeeperPass::holds($request, $stall) || OneStall::isRehearsing() || Onlooker::looks($request, $stall);
    }
}
