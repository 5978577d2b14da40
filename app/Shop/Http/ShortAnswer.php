<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Response;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Stall\Stall;

/** A page of one sentence that answers a small form of the shop. */
final readonly class ShortAnswer
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function say(Stall $stall, string $heading, string $words, int $status = 200): Response
    {
        return ShopResponse::html($this->renderer->page($stall, $this->renderer->published($stall), 'signed-up', [
            'title' => $heading,
            'heading' => $heading,
            'words' => $words,
        ]), $status, private: true);
    }

    public static function isAddress(string $email): bool
    {
        return strlen($email) <= 200 && filter_var($email, FILTER_VALIDATE_EMAIL) !== false;
    }
}
