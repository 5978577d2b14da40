<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\Onlooker;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;

/** Lets who was given a code look into a closed shop. */
final readonly class LookInController
{
    public function __construct(private ShortAnswer $answer)
    {
    }

    public function link(Request $request, string $code): Response|RedirectResponse
    {
        return $this->enter(ShopStall::of($request), $code);
    }

    public function typed(Request $request): Response|RedirectResponse
    {
        return $this->enter(ShopStall::of($request), mb_substr(Typed::text($request, 'code'), 0, 60));
    }

    private function enter(Stall $stall, string $code): Response|RedirectResponse
    {
        // To an open shop everybody comes.
        if ($stall->open) {
            return redirect()->to('/', 303);
        }
        $one = Onlooker::by($stall, $code);

        return $one === null
            ? $this->answer->say($stall, Speech::say('shop.closed.no_code'), Speech::say('shop.closed.no_code_words'), 422)
            : redirect()->to('/', 303)->withCookie($one->cookie());
    }
}
