<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A page on which one is the print house: runs out of a colour, refuses an artwork, prints and posts. */
final class PlayController
{
    public function show(): View
    {
        return view('standins::tannet', [
            'blanks' => Books::blanks(),
            'orders' => Books::db()->table('orders')->orderByDesc('id')->limit(50)->get(),
        ]);
    }

    /** A colour and size runs out, or comes back. */
    public function stock(string $sku): RedirectResponse
    {
        $out = Books::db()->table('out_of_stock');
        $out->clone()->where('sku', $sku)->delete() > 0 || $out->insert(['sku' => $sku]);
        News::blank(implode('-', array_slice(explode('-', $sku), 0, 2)));

        return redirect()->to(route('tannet.play').'#'.$sku);
    }

    public function order(Request $request, int $id): RedirectResponse
    {
        $order = Books::db()->table('orders')->where('id', $id)->firstOrFail();
        match ($request->string('do')->toString()) {
            'print' => News::move($order, 'printing'),
            'post' => News::move($order, 'posted', ['carrier' => 'Hollin Post', 'tracking' => 'TP'.(70_000 + $id).'NL']),
            'refuse' => News::move($order, 'refused', ['reason' => 'The artwork shows marks along its edge. Send it again without them.']),
            default => null,
        };

        return redirect()->to(route('tannet.play').'#orders');
    }
}
