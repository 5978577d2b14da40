<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Asking\CarryOver;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Carries a request over to its supplier and brings back what it said. One at a time has it in hand; breaking off does no harm. */
final class CarryRequest implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** How long it may be in one hand; seconds. */
    private const LEASE = 60;

    /** Minutes between looks: as a tenth of its age, within these. */
    private const SOONEST = 2;

    private const LATEST = 120;

    /** Days after which what isn't answered is looked at no more by itself. */
    private const PATIENCE = 60;

    public int $tries = 1;

    public int $timeout = 45;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $requestId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->requestId;
    }

    public function handle(CarryOver $carry): void
    {
        $claimed = SupplierRequest::query()
            ->whereKey($this->requestId)
            ->where(fn ($q) => $q->whereNull('asking_until')->orWhere('asking_until', '<', now()))
            ->update(['asking_until' => now()->addSeconds(self::LEASE), 'next_ask_at' => now()->addMinutes(self::SOONEST)]);
        $request = $claimed === 1 ? SupplierRequest::query()->with(['connection', 'stall', 'item', 'variant'])->find($this->requestId) : null;
        if ($request === null) {
            return;
        }
        $trouble = null;
        try {
            $carry($request);
        } catch (SupplierTrouble $said) {
            $trouble = $said->getMessage();
        } finally {
            $request->refresh()->update(['asking_until' => null, 'trouble' => $trouble, 'next_ask_at' => self::next($request)]);
        }
    }

    private static function next(SupplierRequest $request): ?\DateTimeInterface
    {
        $waits = $request->connection?->disconnected_at === null && $request->load('offers')->waits();
        $age = (int) $request->created_at->diffInMinutes(now(), true);

        return $waits && $age < self::PATIENCE * 24 * 60
            ? now()->addMinutes(max(self::SOONEST, min(self::LATEST, intdiv($age, 10))))
            : null;
    }
}
