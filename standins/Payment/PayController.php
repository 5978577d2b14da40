<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The page a shopper pays on, with test cards only. */
final class PayController
{
    public function list(): View
    {
        return view('standins::payments', [
            'payments' => DB::connection('payment')->table('payments')->orderByDesc('created_at')->limit(50)->get(),
        ]);
    }

    public function show(string $id): View
    {
        $payment = DB::connection('payment')->table('payments')->where('id', $id)->first() ?? abort(404);

        return view('standins::pay', ['payment' => $payment, 'cards' => Card::cases()]);
    }

    public function pay(Request $request, string $id): RedirectResponse
    {
        $payment = DB::connection('payment')->table('payments')->where('id', $id)->first() ?? abort(404);
        $card = Card::tryFrom($request->string('card')->toString()) ?? Card::Declines;
        if ($card === Card::Slow) {
            sleep(4);
        }
        // Only an open payment can change here: a second press of the button finds it decided.
        DB::connection('payment')
            ->table('payments')
            ->where('id', $id)
            ->whereIn('state', ['open', 'declined'])
            ->update([
                'state' => $card === Card::Declines ? 'declined' : 'authorised',
                'card' => $card->value,
                'updated_at' => now(),
            ]);

        return redirect()->away($payment->return_to);
    }
}
