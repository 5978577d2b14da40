<?php

declare(strict_types=1);

namespace WindowStall\Hooks;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Hooks\Jobs\Deliver;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Tells programs what happened: a message for each that wants to know, sent once what happened is stored. */
final class Tell
{
    /** Messages of a program that are kept. */
    private const KEPT = 500;

    /**
     * Of a rehearsal nobody is told.
     *
     * @param  array<string, mixed>  $data
     */
    public static function of(Stall $stall, HookEvent $event, array $data): void
    {
        if (OneStall::isRehearsing()) {
            return;
        }
        $hooks = Hook::query()->where('stall_id', $stall->id)->whereJsonContains('events', $event->value)->get();
        foreach ($hooks as $hook) {
            $delivery = $hook->deliveries()->create([
                'stall_id' => $stall->id,
                'message' => (string) Str::uuid(),
                'event' => $event->value,
                'body' => json_encode(
                    ['type' => $event->value, 'timestamp' => now()->toIso8601String(), 'data' => $data],
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ),
                'state' => DeliveryState::Waiting,
            ]);
            $hook->deliveries()->whereKeyNot(
                $hook->deliveries()->latest('id')->limit(self::KEPT)->pluck('id')->all(),
            )->delete();
            DB::afterCommit(static fn () => Deliver::dispatch($delivery->id));
        }
    }
}
