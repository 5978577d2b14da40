<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Window\Goods\WindowGoods;

/** All goods, or those under one tag, newest first and a page at a time. */
final readonly class ListController
{
    private const PAGE = 24;

    /** Nobody turns further than this; whoever asks for more gets the last. */
    private const MOST_PAGES = 5_000;

    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function all(Request $request): Response
    {
        return $this->list($request, WindowGoods::of(ShopStall::of($request)), null, '/goods');
    }

    public function tagged(Request $request, string $tag): Response
    {
        $goods = WindowGoods::of(ShopStall::of($request));

        return $this->list($request, $goods, $goods->tagAt($tag) ?? abort(404), '/tagged/'.$tag);
    }

    private function list(Request $request, WindowGoods $goods, ?string $tag, string $path): Response
    {
        $stall = $goods->stall;
        $asked = $request->query('page');
        $page = is_string($asked) && ctype_digit($asked) ? max(1, min(self::MOST_PAGES, (int) $asked)) : 1;
        $skip = ($page - 1) * self::PAGE;
        // One more than is shown tells whether there are more.
        $found = $tag === null ? $goods->newest(self::PAGE + 1, $skip) : $goods->tagged($tag, self::PAGE + 1, $skip);
        $at = static fn (int $n): string => $n === 1 ? $path : $path.'?page='.$n;
        $heading = $tag === null ? 'Everything on the stall' : mb_strtoupper(mb_substr($tag, 0, 1)).mb_substr($tag, 1);

        return ShopResponse::html($this->renderer->page($stall, $this->renderer->published($stall), 'list', [
            'title' => $heading,
            'heading' => $heading,
            'path' => $at($page),
            'goods' => array_slice($found, 0, self::PAGE),
            'before' => $page > 1 ? $at($page - 1) : null,
            'after' => count($found) > self::PAGE ? $at($page + 1) : null,
        ]));
    }
}
