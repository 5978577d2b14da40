<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/**
 * open → authorised → captured or void; captured → refunded; open → declined. A transfer goes open → pending → captured. A
 * reference has one payment, however often it is asked for; part of what was authorised may be captured, part of what was
 * captured given back.
 */
final class ApiController
{
    /** What the key is asked about itself. */
    public function account(Request $request): JsonResponse
    {
        return new JsonResponse([
            'mode' => $request->attributes->get('mode'),
            'methods' => array_column(Method::cases(), 'value'),
        ]);
    }

    public function open(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'amount' => 'required|integer|min:1',
            'currency' => 'required|string|size:3',
            'reference' => 'required|string|max:80',
            'payee' => 'required|string|max:80',
            'return_to' => 'required|url|max:600',
            'method' => ['nullable', Rule::enum(Method::class)],
            'wallet' => 'nullable|string|max:40',
            'again' => 'nullable|string|max:40',
            'notify_to' => 'nullable|url|max:600',
            'notify_secret' => 'required_with:notify_to|nullable|string|max:120',
        ]);
        if ($check->fails()) {
            return new JsonResponse(['error' => (string) $check->errors()->first()], 422);
        }
        $said = $request->only(['amount', 'currency', 'reference', 'payee', 'return_to', 'notify_to', 'notify_secret', 'wallet']);
        Book::payments()->insertOrIgnore(Again::means($request) + [
            'id' => 'p_'.Str::lower(Str::random(24)),
            'state' => 'open',
            'mode' => $request->attributes->get('mode'),
            'method' => $request->input('method') ?? Method::Card->value,
            'created_at' => now(),
            'updated_at' => now(),
        ] + $said);

        return new JsonResponse(self::said(
            $this->mine($request, Book::payments()->where('reference', $request->input('reference'))->value('id')),
        ));
    }

    public function show(Request $request, string $id): JsonResponse
    {
        return new JsonResponse(self::said($this->mine($request, $id)));
    }

    /** Takes the whole, or as much as is asked for; the rest is let go. */
    public function capture(Request $request, string $id): JsonResponse
    {
        $payment = $this->mine($request, $id);
        $amount = $request->has('amount') ? $request->integer('amount') : (int) $payment->amount;
        if ($amount < 1 || $amount > (int) $payment->amount) {
            return new JsonResponse(['error' => 'No more than was authorised can be captured.'], 422);
        }
        $taken = Book::move($id, ['authorised'], [
            'state' => 'captured',
            'captured' => $amount,
            'captures' => $payment->captures + 1,
        ]);
        if (! $taken && $payment->state !== 'captured') {
            return self::refused('Only an authorised payment can be captured.', $payment);
        }
        // The money has moved; the answer dawdles. Who asks again gets it at once.
        if ($taken && $payment->card === Card::Slow->value) {
            sleep(15);
        }

        return new JsonResponse(self::said($this->mine($request, $id)));
    }

    /** As its payer would on the page, without one: only where it is tried out. The card asks its holder once more. */
    public function approve(Request $request, string $id): JsonResponse
    {
        $payment = $this->mine($request, $id);
        if ($payment->mode !== 'test') {
            return self::refused('Real payments are approved by who pays.', $payment);
        }
        Book::move($id, ['open', 'declined'], match (Method::from($payment->method)) {
            Method::Card => ['state' => 'authorised', 'card' => Card::Second->value],
            Method::Transfer => ['state' => 'captured', 'captured' => $payment->amount, 'captures' => $payment->captures + 1],
            Method::Later => ['state' => 'authorised'],
        });

        return new JsonResponse(self::said($this->mine($request, $id)));
    }

    public function void(Request $request, string $id): JsonResponse
    {
        $payment = $this->mine($request, $id);
        $done = Book::move($id, ['open', 'declined', 'pending', 'authorised'], ['state' => 'void']);

        return $done || $payment->state === 'void'
            ? new JsonResponse(self::said($this->mine($request, $id)))
            : self::refused('A payment that is '.$payment->state.' can’t be let go.', $payment);
    }

    /** Gives back the whole, or an amount; asked for with the same key again, it is given back once. */
    public function refund(Request $request, string $id): JsonResponse
    {
        $this->mine($request, $id);

        return DB::connection('payment')->transaction(function () use ($request, $id): JsonResponse {
            $payment = Book::payments()->where('id', $id)->lockForUpdate()->first() ?? abort(404);
            $left = (int) $payment->captured - (int) $payment->refunded;
            $amount = $request->has('amount') ? $request->integer('amount') : $left;
            $key = $request->string('key')->toString() ?: 'whole';
            if ($payment->state === 'refunded' || Book::refunds()->where('payment_id', $id)->where('key', $key)->exists()) {
                return new JsonResponse(self::said($payment));
            }
            if ($payment->state !== 'captured') {
                return self::refused('Only a captured payment can be refunded.', $payment);
            }
            if ($amount < 1 || $amount > $left) {
                return new JsonResponse(['error' => 'No more than was captured can be given back.', 'left' => $left], 422);
            }
            Book::refunds()->insert(['payment_id' => $id, 'key' => $key, 'amount' => $amount]);
            Book::move($id, ['captured'], [
                'refunded' => $payment->refunded + $amount,
                'state' => $amount === $left ? 'refunded' : 'captured',
            ]);

            return new JsonResponse(self::said(Book::find($id)));
        });
    }

    private function mine(Request $request, mixed $id): \stdClass
    {
        $payment = Book::find(is_string($id) ? $id : '');
        abort_if($payment->mode !== $request->attributes->get('mode'), 404);

        return $payment;
    }

    private static function refused(string $why, \stdClass $payment): JsonResponse
    {
        return new JsonResponse(['error' => $why, 'state' => $payment->state], 409);
    }

    /** @return array<string, mixed> */
    private static function said(\stdClass $payment): array
    {
        return [
            'id' => $payment->id,
            'state' => $payment->state,
            'mode' => $payment->mode,
            'method' => $payment->method,
            'amount' => (int) $payment->amount,
            'captured' => (int) $payment->captured,
            'refunded' => (int) $payment->refunded,
            'disputed' => (bool) $payment->disputed,
            'declined' => (int) $payment->declined,
            'card_country' => Card::tryFrom((string) $payment->card)?->country(),
            'currency' => $payment->currency,
            'reference' => $payment->reference,
            'pay_at' => route('payment.pay', $payment->id),
        ];
    }
}
