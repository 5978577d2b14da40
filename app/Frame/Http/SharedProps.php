<?php

declare(strict_types=1);

namespace WindowStall\Frame\Http;

use Illuminate\Http\Request;
use Inertia\Middleware;
use WindowStall\Frame\Views\FrameView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/**
 * What every screen of the workshop gets: who is here, whose stall this is, what waits where, and what was just said.
 */
final class SharedProps extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();
        $stall = $request->route('stall');

        return parent::share($request) + [
            'frame' => fn (): ?FrameView => $user instanceof User
                ? FrameView::of($user, $stall instanceof Stall ? $stall : null)
                : null,
            'say' => fn (): mixed => $request->session()->get('say'),
        ];
    }
}
