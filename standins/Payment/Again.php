<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Http\Request;

/**
 * A payment by the means of an earlier one to the same payee: within two hours, by a card whose holder needn't be asked once more,
 * and no more than that one was. Anything else is approved on the page as ever.
 */
final class Again
{
    private const HOURS = 2;

    /** @return array<string, string> what is known of it already; nothing where it has to be approved */
    public static function means(Request $request): array
    {
        $earlier = Book::payments()
            ->where('id', (string) $request->input('again'))
            ->where('mode', $request->attributes->get('mode'))
            ->where('payee', (string) $request->input('payee'))
            ->where('currency', (string) $request->input('currency'))
            ->where('method', Method::Card->value)
            ->where('state', 'captured')
            ->where('disputed', false)
            ->where('amount', '>=', $request->integer('amount'))
            ->where('updated_at', '>', now()->subHours(self::HOURS))
            ->first();
        $card = Card::tryFrom((string) $earlier?->card);
        $wanted = $request->input('method') ?? Method::Card->value;

        return $card === Card::Approves && $wanted === Method::Card->value ? ['state' => 'authorised', 'card' => $card->value] : [];
    }
}
