<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Shop\KeeperPass;
use WindowStall\Shop\ShopStall;

/** Lets a keeper into a closed shop, by an address that the workshop signed a moment ago. */
final class EnterController
{
    public function __invoke(Request $request): RedirectResponse
    {
        abort_unless($request->hasValidSignature(), 404);

        return redirect('/')->withCookie(KeeperPass::cookie(ShopStall::of($request)));
    }
}
