<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Policies\GrownUpAge;
use WindowStall\Shop\GrownUp;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Support\Http\Typed;

/** Somebody says that they are old enough for what they look at, and looks on. */
final class GrownUpController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $country = strtoupper(Typed::text($request, 'country'));
        $age = GrownUpAge::of(in_array($country, Places::countries($stall), true) ? $country : $stall->home_market);
        $back = Typed::text($request, 'back');
        // To a page of this shop, and nowhere else.
        $to = preg_match('~^/([a-z0-9-]+/?)*$~D', $back) === 1 ? $back : '/';

        return redirect()->to($to.'#of-age', 303)->withCookie(GrownUp::cookie($age));
    }
}
