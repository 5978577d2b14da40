<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use DateTimeImmutable;
use DateTimeZone;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\Returns\ReturnWindow;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Stall\Stall;
use WindowStall\Window\Policies\Particulars;

/** Which pieces of an order its shopper may ask to send back, and until when. */
final readonly class Returnable
{
    /**
     * @param  array<int, int>  $pieces  by line; none where nothing may
     * @param  DateTimeImmutable|null  $until  null while it is on its way
     */
    private function __construct(public array $pieces, public ?DateTimeImmutable $until)
    {
    }

    /** @param  Order  $order  with its lines, parcels, refunds and returns */
    public static function of(Stall $stall, Order $order): self
    {
        $there = $order->parcels->isNotEmpty() && $order->parcels->every(static fn (Parcel $p): bool => $p->there_at !== null)
            ? $order->parcels->max('there_at')
            : null;
        $until = ReturnWindow::end(
            $there?->toDateTimeImmutable()->setTimezone(new DateTimeZone($stall->zone)),
            Particulars::of($stall)->return_days,
            $order->country,
        );
        $over = $until !== null && $until < now()->toDateTimeImmutable();

        return new self($over || $order->state !== OrderState::Paid ? [] : self::pieces($order), $until);
    }

    /** @return array<int, int> what was posted, and isn't given back or asked for already */
    private static function pieces(Order $order): array
    {
        $pieces = [];
        foreach ($order->lines as $line) {
            $sum = static fn (iterable $of): int => array_sum(array_map(
                static fn (Parcel|Refund|OrderReturn $one): int => $one->pieces[$line->id] ?? 0,
                [...$of],
            ));
            $open = $order->returns->filter(static fn (OrderReturn $r): bool => in_array(
                $r->state,
                [ReturnState::Asked, ReturnState::Awaited],
                true,
            ));
            $pieces[$line->id] = min($sum($order->parcels), $line->quantity - $sum($order->refunds)) - $sum($open);
        }

        return array_filter($pieces, static fn (int $left): bool => $left > 0);
    }

    /** @param  array<int, int>  $pieces */
    public function holds(array $pieces): bool
    {
        foreach ($pieces as $line => $count) {
            if ($count > ($this->pieces[$line] ?? 0)) {
                return false;
            }
        }

        return $pieces !== [];
    }

    /** @return list<array{line: OrderLine, most: int}> */
    public function lines(Order $order): array
    {
        return array_values($order->lines
            ->filter(fn (OrderLine $line): bool => isset($this->pieces[$line->id]))
            ->map(fn (OrderLine $line): array => ['line' => $line, 'most' => $this->pieces[$line->id]])
            ->all());
    }
}
