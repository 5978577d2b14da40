<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Contracts\View\View;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/**
 * Brings a shop the address of somebody the service knows, once they agree: POST /v1/wallets {return_to} → {id, open_at}; they
 * choose there and go back with ?wallet=ID; GET /v1/wallets/{id} → {id, address: {…} or null}. A payment that names the wallet is
 * paid with their card.
 */
final class WalletController
{
    public function open(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), ['return_to' => 'required|url|max:600']);
        if ($check->fails()) {
            return new JsonResponse(['error' => (string) $check->errors()->first()], 422);
        }
        $id = 'w_'.Str::lower(Str::random(24));
        self::wallets()->insert([
            'id' => $id,
            'mode' => $request->attributes->get('mode'),
            'return_to' => $request->input('return_to'),
            'created_at' => now(),
        ]);

        return new JsonResponse(['id' => $id, 'open_at' => route('payment.wallet', $id)]);
    }

    public function said(Request $request, string $id): JsonResponse
    {
        $wallet = self::find($id);
        abort_if($wallet->mode !== $request->attributes->get('mode'), 404);
        $person = self::person($wallet);

        return new JsonResponse(['id' => $id, 'address' => $person?->address()]);
    }

    public function show(string $id): View
    {
        self::find($id);

        return view('standins::wallet', ['id' => $id, 'people' => Person::cases()]);
    }

    public function choose(Request $request, string $id): RedirectResponse
    {
        $wallet = self::find($id);
        $person = Person::tryFrom($request->string('person')->toString());
        self::wallets()->where('id', $id)->update(['person' => $person?->value]);

        return redirect()->away($wallet->return_to.(str_contains($wallet->return_to, '?') ? '&' : '?').'wallet='.$id);
    }

    /** Whose card a payment is paid with; null where nobody chose. */
    public static function person(\stdClass $wallet): ?Person
    {
        return Person::tryFrom((string) $wallet->person);
    }

    public static function wallets(): Builder
    {
        return DB::connection('payment')->table('wallets');
    }

    private static function find(string $id): \stdClass
    {
        return self::wallets()->where('id', $id)->first() ?? abort(404);
    }
}
