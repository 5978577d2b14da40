<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where a person answers for Oakum what accounts ask for, and puts money on their balance. */
final class PlayRequestController
{
    public function answer(Request $request, int $id): RedirectResponse
    {
        $row = Books::table('requests')->where('id', $id)->firstOrFail();
        $words = trim($request->string('words')->toString());
        match ($request->string('do')->toString()) {
            'say' => $words === '' ? null : Requests::write($id, 'oakum', $words),
            'no' => Requests::decline($id, $words === '' ? 'We are sorry, that can’t be done.' : $words),
            'offer' => Requests::offer(
                $id,
                self::cents($request, 'cost'),
                max(1, $request->integer('pieces', 1)),
                self::cents($request, 'once'),
                max(1, $request->integer('days', 5)),
                $words === '' ? 'As you asked.' : $words,
                $row->kind === 'goods'
                    ? ['title' => $request->string('title')->toString() ?: 'Made for you', 'like' => $request->string('like')->toString()]
                    : [],
            ),
            default => null,
        };

        return redirect()->to(route('oakum.play', ['say' => 'Noted.']).'#requests');
    }

    /** Money for an account's balance; nothing typed means that it pays by bill again. */
    public function balance(Request $request): RedirectResponse
    {
        $typed = trim($request->string('balance')->toString());
        Books::table('accounts')
            ->where('key', $request->string('key')->toString())
            ->update(['balance' => $typed === '' ? null : self::cents($request, 'balance')]);

        return redirect()->to(route('oakum.play', ['say' => 'Noted.']).'#accounts');
    }

    private static function cents(Request $request, string $field): int
    {
        $typed = trim($request->string($field)->toString());

        return preg_match('/^(\d{1,7})(?:\.(\d{1,2}))?$/D', $typed, $m) === 1
            ? (int) $m[1] * 100 + (int) str_pad($m[2] ?? '0', 2, '0')
            : 0;
    }
}
