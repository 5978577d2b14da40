<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Source\Connectors\JoinsParcels;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** How a stall's shoppers pay. */
final readonly class PaymentView
{
    /**
     * @param  bool  $ownTest  whether it has a key of its own for trying out; the program ships with one
     * @param  bool  $hasLive  whether it has a key for real payments
     * @param  string  $heard  when the service told news last; "" where it never did
     * @param  list<PayMethodView>  $methods
     * @param  int  $additionMinutes  so long after paying something more is offered; 0: never
     * @param  list<string>  $additionsBy  the suppliers that lay something into a parcel that was ordered
     * @param  bool  $straight  whether goods can be bought without a look at the basket
     */
    public function __construct(
        public bool $live,
        public bool $ownTest,
        public bool $hasLive,
        public string $heard,
        public string $newsTo,
        public array $methods,
        public string $currency,
        public bool $straight,
        public int $additionMinutes,
        public array $additionsBy,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $connection = PaymentConnection::of($stall);

        return new self(
            live: $connection->live,
            ownTest: isset($connection->keys['test']),
            hasLive: isset($connection->keys['live']),
            heard: $connection->heard_at === null ? '' : Clock::of($stall)->moment($connection->heard_at),
            newsTo: route('hooks.payment', $connection->public_id),
            methods: array_map(
                static fn (PayMethod $method): PayMethodView => PayMethodView::of($stall, $connection->terms($method, $stall)),
                PayMethod::cases(),
            ),
            currency: $stall->currency,
            straight: $stall->straight_to_checkout,
            additionMinutes: $stall->addition_minutes,
            additionsBy: array_values(SupplierConnection::of($stall)->orderBy('name')->get()
                ->filter(static fn (SupplierConnection $c): bool => $c->orders_to === null && $c->ordering() instanceof JoinsParcels)
                ->map(static fn (SupplierConnection $c): string => $c->name)
                ->all()),
        );
    }
}
