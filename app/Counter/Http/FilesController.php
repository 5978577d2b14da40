<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Counter\Giving\FetchFile;
use WindowStall\Counter\Order;
use WindowStall\Shop\ShopStall;

/** Files that were bought. Asked for by a button, so that nothing that follows links uses up how often they can be. */
final readonly class FilesController
{
    public function fetch(Request $request, FetchFile $fetch, string $token, int $line): StreamedResponse|RedirectResponse
    {
        $order = Order::query()->where('stall_id', ShopStall::of($request)->id)->where('token', $token)->firstOrFail();

        return $fetch($order, $line) ?? redirect()->to('/orders/'.$token.'#files', 303);
    }
}
