<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Hooks\DeliveryState;
use WindowStall\Hooks\Hook;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Jobs\Deliver;
use WindowStall\Hooks\Signature;
use WindowStall\Hooks\Views\HooksView;
use WindowStall\Hooks\Views\MadeHookView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\PublicAddress;
use WindowStall\Support\Refusal;

/** Programs that are told what happens in a stall: their addresses, and what each was told. */
final class HooksController
{
    private const MOST = 10;

    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(HooksView::of($stall));
    }

    /** The secret by which messages are signed is shown once, here. */
    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'address' => 'required|string|max:600',
            'events' => 'required|array|min:1',
            'events.*' => [Rule::enum(HookEvent::class)],
        ], ['address.required' => 'Where does the program listen?', 'events.required' => 'Choose what it is told of.']);
        PublicAddress::of(trim($typed['address']));
        if (Hook::query()->where('stall_id', $stall->id)->count() >= self::MOST) {
            $most = sprintf('A stall tells up to %d programs.', self::MOST);
            throw new Refusal($most.' End one that isn’t used any more.');
        }
        $secret = Signature::secret();
        Hook::query()->create([
            'stall_id' => $stall->id,
            'address' => trim($typed['address']),
            'secret' => $secret,
            'events' => array_values(array_unique((array) $typed['events'])),
        ]);

        return new JsonResponse(new MadeHookView(secret: $secret, hooks: HooksView::of($stall)));
    }

    public function destroy(Stall $stall, int $hook): JsonResponse
    {
        Hook::query()->where('stall_id', $stall->id)->findOrFail($hook)->delete();

        return $this->index($stall);
    }

    /** Sends a message again, with the same id and the same words. */
    public function again(Stall $stall, int $hook, int $delivery): JsonResponse
    {
        $found = Hook::query()->where('stall_id', $stall->id)->findOrFail($hook)->deliveries()->findOrFail($delivery);
        if ($found->state === DeliveryState::Waiting) {
            throw new Refusal('It is being sent already.');
        }
        $found->update(['state' => DeliveryState::Waiting, 'tries' => 0]);
        Deliver::dispatch($found->id);

        return $this->index($stall);
    }
}
