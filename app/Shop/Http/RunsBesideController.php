<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Core\Policies\ScriptHosts;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Scripts\OutsideScript;
use WindowStall\Window\Scripts\ShopScripts;

/**
 * The scripts of others beside a shop: the page on which a shopper says whether they may run, and the frame they run in. That frame is
 * the only page of the shop that may load from elsewhere, from the stall's own list of hosts; it is sandboxed, so that what runs in it
 * sees nothing of the shop's pages and cookies.
 */
final readonly class RunsBesideController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function show(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $scripts = ShopScripts::of(self::seen($request, $stall));
        abort_if($scripts->all === [], 404);

        return ShopResponse::html($this->renderer->page($stall, $this->renderer->published($stall), 'runs-beside', [
            'title' => Speech::say('shop.scripts.heading'),
            'unlisted' => true,
            'runs' => $scripts->mayRun(self::cookie($request)),
            'answered' => in_array(self::cookie($request), [$scripts->said(true), $scripts->said(false)], true),
        ]), private: true);
    }

    public function say(Request $request): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $said = Typed::text($request, 'said');
        abort_unless(in_array($said, ['yes', 'no'], true), 422);

        return redirect()->to('/runs-beside', 303)->withCookie(Cookie::create(
            ShopScripts::COOKIE,
            ShopScripts::of($stall)->said($said === 'yes'),
            now()->addSeconds(ShopScripts::seconds()),
            '/',
            null,
            config('stall.scheme') === 'https',
            // Read by the script that asks (resources/shop/islands/scripts.ts).
            false,
            false,
            'lax',
        ));
    }

    public function frame(Request $request): Response
    {
        $stall = ShopStall::of($request);
        if (! ShopScripts::of(self::seen($request, $stall))->mayRun(self::cookie($request))) {
            return new Response('', 204);
        }
        $all = OutsideScript::of($stall)->orderBy('id')->get();
        $hosts = array_merge(...$all->map(static fn (OutsideScript $one): array => $one->allHosts())->all());

        return new Response(view('shop::script-frame', ['scripts' => $all])->render(), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Cache-Control' => 'no-store',
            'Referrer-Policy' => 'no-referrer',
            'Content-Security-Policy' => implode('; ', ScriptHosts::policy(array_values($hosts))),
        ]);
    }

    /** As it is seen from the country that the page was of. */
    private static function seen(Request $request, Stall $stall): Stall
    {
        $country = strtoupper(Typed::text($request, 'country'));

        return in_array($country, Places::countries($stall), true) ? $stall->seenFrom($country) : $stall;
    }

    private static function cookie(Request $request): ?string
    {
        $said = $request->cookies->get(ShopScripts::COOKIE);

        return is_string($said) ? $said : null;
    }
}
