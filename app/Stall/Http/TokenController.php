<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Views\MadeTokenView;
use WindowStall\Support\Refusal;

/** Tokens by which programs may read a stall, and some decide what suppliers changed. */
final class TokenController
{
    private const MOST = 20;

    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(
            ['name' => 'required|string|max:60', 'decide' => 'sometimes|boolean'],
            ['name.required' => 'Say what the token is for.'],
        );
        if ($stall->tokens()->count() >= self::MOST) {
            throw new Refusal(sprintf('A stall has up to %d tokens. End one that isn’t used any more.', self::MOST));
        }

        $abilities = ['read', ...((bool) ($typed['decide'] ?? false) ? ['decide'] : [])];

        return new JsonResponse(
            new MadeTokenView($stall->createToken(trim($typed['name']), $abilities)->plainTextToken),
        );
    }

    public function destroy(Stall $stall, int $token): RedirectResponse
    {
        $stall->tokens()->whereKey($token)->delete();

        return back()->with('say', 'The token is ended; what used it can read no more.');
    }
}
