<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Shop\SignUps;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;

/** Whoever follows the address at the foot of a mail and presses the button gets no more; to look at it alone does nothing. */
final readonly class NoMoreMailController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function show(Request $request): Response
    {
        return $this->page($request, null);
    }

    public function stop(Request $request): Response
    {
        $done = SignUps::stop(ShopStall::of($request), Typed::text($request, 'to'), Typed::text($request, 'by'));

        return $this->page($request, $done);
    }

    private function page(Request $request, ?bool $done): Response
    {
        $stall = ShopStall::of($request);
        $html = $this->renderer->page($stall, $this->renderer->published($stall), 'no-more-mail', [
            'title' => Speech::say('shop.no_more_mail.heading'),
            'done' => $done,
            'to' => Typed::text($request, 'to'),
            'by' => Typed::text($request, 'by'),
        ]);

        return ShopResponse::html($html, $done === false ? 422 : 200, private: true);
    }
}
