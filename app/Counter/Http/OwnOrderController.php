<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\Returns\ReturnReason;
use WindowStall\Counter\Giving\Undone;
use WindowStall\Counter\Mail\OrdersLinkMail;
use WindowStall\Counter\Order;
use WindowStall\Counter\Own\ChangeAddress;
use WindowStall\Counter\Own\OrdersLink;
use WindowStall\Counter\Own\ShopPages;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Counter\Returns\AskReturn;
use WindowStall\Counter\Returns\Instead;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;

/** What shoppers do with their own orders: send something back, change where it goes, cancel, and find them again. */
final readonly class OwnOrderController
{
    private const MOST_LISTED = 50;

    public function __construct(private ShopPages $pages)
    {
    }

    public function askReturn(Request $request, string $token, AskReturn $ask, PictureSizes $pictures): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = self::find($stall, $token);
        $pieces = [];
        foreach ((array) $request->input('pieces', []) as $line => $count) {
            if (is_int($line) && is_scalar($count) && ctype_digit((string) $count) && (int) $count > 0 && strlen((string) $count) < 6) {
                $pieces[$line] = (int) $count;
            }
        }
        $reason = ReturnReason::tryFrom(Typed::text($request, 'why')) ?? ReturnReason::Unwanted;
        $words = mb_substr(Typed::text($request, 'words'), 0, 1_000);
        $asked = $pieces !== [] && $ask(
            $stall,
            $order,
            $pieces,
            $reason,
            $words,
            self::picture($request, $stall, $pictures),
            self::instead($request, $stall, $order, $pieces),
        );

        return redirect()->to('/orders/'.$token.($asked ? '#back' : '?back=nothing#back'), 303);
    }

    /**
     * What can be had instead counts; anything else is a wish for the money.
     *
     * @param  array<int, int>  $pieces  by line
     * @return array<int, int> a variant by line
     */
    private static function instead(Request $request, Stall $stall, Order $order, array $pieces): array
    {
        $wished = array_filter(
            array_intersect_key((array) $request->input('instead', []), $pieces),
            static fn (mixed $one): bool => is_string($one) && ctype_digit($one) && strlen($one) < 16,
        );
        $choices = $wished === [] ? [] : Instead::choices($stall, $order->loadMissing('lines'), $pieces);

        return array_filter(
            array_map(intval(...), $wished),
            static fn (int $variant, int $line): bool => isset($choices[$line][$variant]),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** A picture that can't be used is left out: what they ask counts without it. */
    private static function picture(Request $request, Stall $stall, PictureSizes $pictures): ?string
    {
        if (! $request->hasFile('picture')) {
            return null;
        }
        try {
            return $pictures->make(UploadedPicture::bytes($request, 'picture'), 'stalls/'.$stall->id.'/returns/'.Str::lower(Str::random(20)))['path'];
        } catch (Refusal) {
            return null;
        }
    }

    public function address(Request $request, string $token, ChangeAddress $change): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = self::find($stall, $token);
        $moved = $change($stall, $order, [
            'name' => mb_substr(Typed::text($request, 'name'), 0, 120),
            'street' => mb_substr(Typed::text($request, 'street'), 0, 200),
            'town' => mb_substr(Typed::text($request, 'town'), 0, 120),
            'postcode' => mb_substr(Typed::text($request, 'postcode'), 0, 20),
        ]);

        return redirect()->to('/orders/'.$token.($moved ? '?move=done#move' : '?move=late#move'), 303);
    }

    public function cancel(Request $request, string $token, GiveBack $give): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = self::find($stall, $token);
        try {
            if ($order->supplierOrders->every(ChangeAddress::isOurs(...)) && Undone::is($stall, $order)) {
                $give($order, new RefundWish('cancelled'));
            }
        } catch (Refusal) {
            // Somebody was quicker; its page says how it stands.
        }

        return redirect()->to('/orders/'.$token, 303);
    }

    /** Where somebody asks for the link to all of their orders. */
    public function mine(Request $request): Response
    {
        return $this->page(ShopStall::of($request), ['sent' => $request->has('sent'), 'over' => false, 'orders' => null]);
    }

    /** Whether anything was ordered with that address isn't told here. */
    public function send(Request $request): RedirectResponse
    {
        $stall = ShopStall::of($request);
        $email = mb_strtolower(mb_substr(Typed::text($request, 'email'), 0, 190));
        $theirs = Order::of($stall)->whereNotNull('paid_at')->where('whose', $email)->latest('id')->first();
        if ($theirs !== null) {
            Mail::to($theirs->email)->locale(Speech::language())->queue(new OrdersLinkMail($stall->name, OrdersLink::to($stall, $email)));
        }

        return redirect()->to('/orders?sent=1', 303);
    }

    public function list(Request $request, string $sealed): Response
    {
        $stall = ShopStall::of($request);
        $email = OrdersLink::read($stall, $sealed);

        return $email === null
            ? $this->page($stall, ['sent' => false, 'over' => true, 'orders' => null], 410)
            : $this->page($stall, ['sent' => false, 'over' => false, 'orders' => Order::of($stall)
                ->with('lines')
                ->whereNotNull('paid_at')
                ->where('whose', $email)
                ->orderByDesc('id')
                ->limit(self::MOST_LISTED)
                ->get()]);
    }

    /** @param  array<string, mixed>  $data */
    private function page(Stall $stall, array $data, int $status = 200): Response
    {
        return $this->pages->html(
            $stall,
            Speech::language(),
            'my-orders',
            static fn (): string => Speech::say('till.mine.heading'),
            $data,
            $status,
        );
    }

    private static function find(Stall $stall, string $token): Order
    {
        return Order::of($stall)->with(['lines', 'supplierOrders', 'refunds'])->where('token', $token)->firstOrFail();
    }
}
