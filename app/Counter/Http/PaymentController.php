<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Dispatch\Joining;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Payment\ChangePayment;
use WindowStall\Counter\Payment\MethodForm;
use WindowStall\Counter\Views\PaymentView;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Views\Choices;

/** How shoppers pay: the account with the payment service, and the methods it is offered by. */
final readonly class PaymentController
{
    public function __construct(private ChangePayment $change)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('counter/PaymentPage', [
            'payment' => PaymentView::of($stall),
            'countries' => Choices::countries(),
        ]);
    }

    public function key(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['key' => 'required|string|max:200'], ['key.required' => 'Type the key.']);
        $this->change->key($stall, trim((string) $typed['key']));

        return new JsonResponse(PaymentView::of($stall));
    }

    public function live(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['live' => 'required|boolean']);
        $this->change->live($stall, (bool) $typed['live']);

        return new JsonResponse(PaymentView::of($stall));
    }

    public function straight(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['straight' => 'required|boolean']);
        DB::transaction(static function () use ($stall, $typed): void {
            $stall->update(['straight_to_checkout' => (bool) $typed['straight']]);
            StalePages::frame($stall);
        });

        return new JsonResponse(PaymentView::of($stall));
    }

    /** For how long something more is offered into the same parcel. */
    public function addition(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(
            ['minutes' => 'required|integer|min:0|max:'.Joining::MOST_MINUTES],
            ['minutes' => sprintf('Minutes are a whole number from 0 to %d; with 0 it is never offered.', Joining::MOST_MINUTES)],
        );
        $stall->update(['addition_minutes' => (int) $typed['minutes']]);

        return new JsonResponse(PaymentView::of($stall));
    }

    public function method(Request $request, Stall $stall, string $method): JsonResponse
    {
        $this->change->method(
            $stall,
            PayMethod::tryFrom($method) ?? abort(404),
            MethodForm::read($stall, $request->json()->all()),
        );

        return new JsonResponse(PaymentView::of($stall));
    }
}
