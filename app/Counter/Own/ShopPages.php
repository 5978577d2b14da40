<?php

declare(strict_types=1);

namespace WindowStall\Counter\Own;

use Illuminate\Http\Response;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/** A page of a shopper's own in the look of a shop, kept by nobody. */
final readonly class ShopPages
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    /**
     * @param  string  $language  as its reader was spoken to
     * @param  callable(): string  $title
     * @param  array<string, mixed>  $data
     */
    public function html(Stall $stall, string $language, string $view, callable $title, array $data, int $status = 200): Response
    {
        $stall = $stall->speaking($language);

        return Speech::in($language, fn (): Response => ShopResponse::html(
            $this->renderer->page($stall, $this->renderer->published($stall), $view, ['title' => $title()] + $data),
            $status,
            private: true,
        ));
    }
}
