<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The pages a shopper pays on, with test cards and a bank that only looks like one; and the service's own book. */
final class PayController
{
    public function list(): View
    {
        return view('standins::payments', ['payments' => Book::payments()->orderByDesc('created_at')->limit(50)->get()]);
    }

    /** Whole, or as the fields alone in the frame of a shop's page. */
    public function show(Request $request, string $id): View
    {
        $payment = Book::find($id);
        $wallet = $payment->wallet === null ? null : WalletController::wallets()->where('id', $payment->wallet)->first();

        return view($request->has('framed') ? 'standins::framed' : 'standins::pay', [
            'payment' => $payment,
            'cards' => Card::cases(),
            'payer' => $wallet === null ? null : WalletController::person($wallet),
        ]);
    }

    /** Only an open payment can change here: a second press of the button finds it decided. */
    public function pay(Request $request, string $id): RedirectResponse
    {
        $payment = Book::find($id);
        $to = match (Method::from($payment->method)) {
            Method::Card => $this->byCard($request, $payment),
            Method::Transfer => $this->byTransfer($payment),
            Method::Later => $this->later($request, $payment),
        };

        return redirect()->away($to);
    }

    /** The card's holder is asked once more whether it is them. */
    public function second(string $id): View
    {
        return view('standins::second', ['payment' => Book::find($id)]);
    }

    public function answer(Request $request, string $id): RedirectResponse
    {
        $payment = Book::find($id);
        Book::move($id, ['open', 'declined'], ['state' => $request->has('yes') ? 'authorised' : 'declined']);

        return redirect()->away($payment->return_to);
    }

    /** What the bank does, or a card's holder, long after the shopper left: the shop is told. */
    public function turn(Request $request, string $id): RedirectResponse
    {
        $payment = Book::find($id);
        match ($request->string('does')->toString()) {
            'pays' => Book::move($id, ['pending'], [
                'state' => 'captured',
                'captured' => $payment->amount,
                'captures' => $payment->captures + 1,
            ]),
            'fails' => Book::move($id, ['pending'], ['state' => 'declined']),
            'disputes' => Book::move($id, ['captured'], ['disputed' => true]),
            default => abort(422),
        };
        Notices::tell(Book::find($id));

        return redirect()->route('payment.list');
    }

    private function byCard(Request $request, \stdClass $payment): string
    {
        $card = Card::tryFrom($request->string('card')->toString()) ?? Card::Declines;
        if ($card === Card::Slow) {
            sleep(4);
        }
        $state = match ($card) {
            Card::Declines => 'declined',
            Card::Second => 'open',
            default => 'authorised',
        };
        $moved = Book::move($payment->id, ['open', 'declined'], [
            'state' => $state,
            'card' => $card->value,
            'declined' => $payment->declined + ($card === Card::Declines ? 1 : 0),
        ]);

        return $moved && $card === Card::Second ? route('payment.second', $payment->id) : $payment->return_to;
    }

    private function byTransfer(\stdClass $payment): string
    {
        Book::move($payment->id, ['open', 'declined'], ['state' => 'pending']);

        return $payment->return_to;
    }

    private function later(Request $request, \stdClass $payment): string
    {
        $state = $request->has('refused') ? 'declined' : 'authorised';
        Book::move($payment->id, ['open', 'declined'], ['state' => $state]);

        return $payment->return_to;
    }
}
