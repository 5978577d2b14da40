<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Changes how a stall is paid. Orders that were begun go on as they were.
 *
 * @phpstan-import-type StoredMethod from PaymentConnection
 */
final readonly class ChangePayment
{
    public function __construct(private PaymentConnector $connector)
    {
    }

    /**
     * Keeps a key: the service says whether it is for trying out or for real payments.
     *
     * @throws Refusal when it isn't known there
     * @throws PaymentTrouble
     */
    public function key(Stall $stall, #[\SensitiveParameter] string $key): void
    {
        $access = PaymentConnection::of($stall)->access(false);
        $live = $this->connector->isLive(new PaymentAccess($access->address, $key, $access->seconds));
        $this->change($stall, static fn (PaymentConnection $c) => $c->update([
            'keys' => [$live ? 'live' : 'test' => $key] + ($c->keys ?? []),
        ]));
    }

    /** @throws Refusal without a key for it */
    public function live(Stall $stall, bool $live): void
    {
        $this->change($stall, static function (PaymentConnection $c) use ($live): void {
            if ($live && ! isset($c->keys['live'])) {
                throw new Refusal('Type the key for real payments first.');
            }
            $c->update(['live' => $live]);
        });
    }

    /**
     * @param  StoredMethod  $said
     *
     * @throws Refusal where nothing would be left to pay by
     */
    public function method(Stall $stall, PayMethod $method, array $said): void
    {
        $this->change($stall, static function (PaymentConnection $c) use ($stall, $method, $said): void {
            $c->methods = [$method->value => $said] + $c->methods;
            $on = array_filter(PayMethod::cases(), static fn (PayMethod $one): bool => $c->terms($one, $stall)->on);
            if ($on === []) {
                throw new Refusal('Then nobody could pay. Offer another way first.');
            }
            $c->save();
        });
    }

    /** @param  callable(PaymentConnection): mixed  $do */
    private function change(Stall $stall, callable $do): void
    {
        PaymentConnection::of($stall);
        DB::transaction(static fn () => $do(PaymentConnection::query()->lockForUpdate()->findOrFail($stall->id)));
    }
}
