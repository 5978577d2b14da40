<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/**
 * open → authorised → captured or void; captured → refunded; open → declined. A reference has one payment, however
 * often it is asked for.
 */
final class ApiController
{
    public function open(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'amount' => 'required|integer|min:1',
            'currency' => 'required|string|size:3',
            'reference' => 'required|string|max:80',
            'payee' => 'required|string|max:80',
            'return_to' => 'required|url|max:600',
        ]);
        if ($check->fails()) {
            return new JsonResponse(['error' => (string) $check->errors()->first()], 422);
        }
        DB::connection('payment')
            ->table('payments')
            ->insertOrIgnore(
                [
                    'id' => 'p_'.Str::lower(Str::random(24)),
                    'state' => 'open',
                    'created_at' => now(),
                    'updated_at' => now(),
                ] + $request->only(['amount', 'currency', 'reference', 'payee', 'return_to']),
            );
        $payment = DB::connection('payment')
            ->table('payments')
            ->where('reference', $request->input('reference'))
            ->firstOrFail();

        return new JsonResponse(self::said($payment));
    }

    public function show(string $id): JsonResponse
    {
        return new JsonResponse(self::said($this->find($id)));
    }

    public function capture(string $id): JsonResponse
    {
        $payment = $this->find($id);
        $taken = DB::connection('payment')
            ->table('payments')
            ->where('id', $id)
            ->where('state', 'authorised')
            ->update(['state' => 'captured', 'captures' => $payment->captures + 1, 'updated_at' => now()]);
        if ($taken === 0 && $payment->state !== 'captured') {
            return new JsonResponse(
                ['error' => 'Only an authorised payment can be captured.', 'state' => $payment->state],
                409,
            );
        }
        // The money has moved; the answer dawdles. Who asks again gets it at once.
        if ($taken === 1 && $payment->card === Card::Slow->value) {
            sleep(15);
        }

        return new JsonResponse(self::said($this->find($id)));
    }

    public function void(string $id): JsonResponse
    {
        $payment = $this->find($id);
        $done = DB::connection('payment')
            ->table('payments')
            ->where('id', $id)
            ->whereIn('state', ['open', 'authorised'])
            ->update(['state' => 'void', 'updated_at' => now()]);
        if ($done === 0 && $payment->state !== 'void') {
            return new JsonResponse(
                ['error' => 'A payment that is '.$payment->state.' can’t be let go.', 'state' => $payment->state],
                409,
            );
        }

        return new JsonResponse(self::said($this->find($id)));
    }

    public function refund(string $id): JsonResponse
    {
        $payment = $this->find($id);
        $done = DB::connection('payment')
            ->table('payments')
            ->where('id', $id)
            ->where('state', 'captured')
            ->update(['state' => 'refunded', 'updated_at' => now()]);
        if ($done === 0 && $payment->state !== 'refunded') {
            return new JsonResponse(
                ['error' => 'Only a captured payment can be refunded.', 'state' => $payment->state],
                409,
            );
        }

        return new JsonResponse(self::said($this->find($id)));
    }

    private function find(string $id): \stdClass
    {
        return DB::connection('payment')->table('payments')->where('id', $id)->first() ?? abort(404);
    }

    /** @return array<string, mixed> */
    private static function said(\stdClass $payment): array
    {
        return [
            'id' => $payment->id,
            'state' => $payment->state,
            'amount' => (int) $payment->amount,
            'currency' => $payment->currency,
            'reference' => $payment->reference,
            'pay_at' => route('payment.pay', $payment->id),
        ];
    }
}
