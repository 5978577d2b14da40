<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use WindowStall\Hooks\Delivery;
use WindowStall\Hooks\DeliveryState;
use WindowStall\Hooks\Signature;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/**
 * Sends one message to a program. What isn't answered with 2xx is sent again, later each time; the address is checked
 * anew each time, as those of feeds are.
 */
final class Deliver implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds until the next try: after ten seconds first, after twelve hours last. */
    public const WAITS = [10, 60, 300, 1_800, 7_200, 21_600, 43_200];

    /** Seconds for one try. */
    private const PATIENCE = 10;

    /** Bytes of an answer; nobody reads it. */
    private const MOST = 100_000;

    /** Of a worker that is killed; what isn't taken is set anew with its own wait. */
    public int $tries = 5;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function __construct(public readonly int $delivery)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->delivery;
    }

    public function handle(): void
    {
        $delivery = Delivery::query()->with('hook')->where('state', DeliveryState::Waiting)->find($this->delivery);
        $hook = $delivery?->hook;
        if ($delivery === null || $hook === null) {
            return;
        }
        $delivery->increment('tries');
        [$answered, $trouble] = $this->send($delivery, $hook->address, $hook->secret);
        if ($trouble === null) {
            $delivery->update([
                'state' => DeliveryState::Delivered,
                'answered' => $answered,
                'trouble' => null,
                'delivered_at' => now(),
            ]);

            return;
        }
        $wait = self::WAITS[$delivery->tries - 1] ?? null;
        $delivery->update([
            'state' => $wait === null ? DeliveryState::Failed : DeliveryState::Waiting,
            'answered' => $answered,
            'trouble' => mb_substr($trouble, 0, 300),
        ]);
        if ($wait !== null) {
            self::dispatch($delivery->id)->delay($wait);
        }
    }

    /** @return array{int|null, string|null} the status that was answered, and what was wrong; null where nothing was */
    private function send(Delivery $delivery, string $address, string $secret): array
    {
        try {
            $answer = Outside::at($address, self::PATIENCE, self::MOST)
                ->withHeaders(Signature::headers($secret, $delivery->message, now()->getTimestamp(), $delivery->body))
                ->withBody($delivery->body, 'application/json')
                // The whole of it: what is added to a base begins with a slash.
                ->post(trim($address));
        } catch (Refusal|Unreachable $e) {
            return [null, $e->getMessage()];
        } catch (TooLarge) {
            return [null, 'Its answer is too long; nobody reads it. Answer with 204.'];
        } catch (ConnectionException $e) {
            $late = str_contains($e->getMessage(), 'timed out') || str_contains($e->getMessage(), 'cURL error 28');

            return [
                null,
                $late ? sprintf('It didn’t answer within %d seconds.', self::PATIENCE) : 'Nothing answers there.',
            ];
        }

        return [$answer->status(), $answer->successful() ? null : sprintf('It answered %d.', $answer->status())];
    }
}
