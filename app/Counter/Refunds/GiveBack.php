<?php

declare(strict_types=1);

namespace WindowStall\Counter\Refunds;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Refund\Refundable;
use WindowStall\Core\Dispatch\Refund\RefundLimit;
use WindowStall\Core\Dispatch\Refund\RefundRefused;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Giving\CardMoney;
use WindowStall\Core\Source\Giving;
use WindowStall\Counter\Cards\OrderCards;
use WindowStall\Counter\Jobs\GiveMoneyBack;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Papers\WritePaper;
use WindowStall\Counter\Reservations;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\TellShelves;
use WindowStall\Stall\Clock;
use WindowStall\Support\Refusal;
use WindowStall\Support\Views\MoneyView;

/**
 * Gives a shopper money back: all of it, or some pieces, some of the delivery, an amount. Pieces that wait to be sent are held
 * back first, in one short transaction with the refund's row; the payment service is asked after that, by a job that is
 * repeated until it has answered. What a supplier has already is paid for there: taking it back is another matter.
 *
 * Locks: the order, its supplier orders, then the variants in the order of their numbers.
 */
final readonly class GiveBack
{
    /** No supplier has what stands so. */
    private const NOT_THERE = [SupplierOrderState::ToSend, SupplierOrderState::Refused, SupplierOrderState::Withdrawn];

    public function __construct(private Reservations $reservations)
    {
    }

    /** @param  Order  $order  with its lines and refunds */
    public static function possible(Order $order): bool
    {
        return $order->state === OrderState::Paid
            && ($order->payment_id !== null || $order->exchange_of !== null)
            && OrderRefundable::of($order)->left() > 0;
    }

    /** @throws Refusal when more is asked back than is left, or pieces are being sent this moment */
    public function __invoke(Order $order, RefundWish $wish): Refund
    {
        $refund = DB::transaction(fn (): Refund => $this->note($order, $wish), attempts: 3);
        if (! $refund->credited) {
            GiveMoneyBack::dispatch($refund->id)->afterCommit();
        }

        return $refund;
    }

    private function note(Order $order, RefundWish $wish): Refund
    {
        $fresh = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
        SupplierOrder::query()->where('order_id', $order->id)->orderBy('id')->lockForUpdate()->get();
        $fresh->load(['supplierOrders.connection', 'lines.supplierOrder', 'refunds', 'stall']);
        $known = $fresh->refunds->firstWhere('key', $wish->key);
        if ($known !== null) {
            return $known;
        }
        if (in_array($fresh->state, [OrderState::Refunding, OrderState::Refunded], true)) {
            throw new Refusal('This order is refunded already.');
        }
        if (! self::possible($fresh)) {
            throw new Refusal('Nothing was paid that could be given back.');
        }
        $left = OrderRefundable::of($fresh);
        try {
            $figures = $left->give($wish->asked ?? $left->everything());
        } catch (RefundRefused $refused) {
            throw new Refusal(self::words($fresh, $refused));
        }
        $after = $left->less($figures);
        $before = (int) $fresh->refunds->where('credited', false)->sum('total_minor');
        $this->withdraw($fresh, $figures->pieces);
        $refund = Refund::query()->create(Refund::kept($figures) + [
            'stall_id' => $fresh->stall_id,
            'order_id' => $fresh->id,
            'key' => $wish->key,
            'bears' => $wish->bears,
            'borne_minor' => $wish->borne,
            'why' => $wish->why,
            'user_id' => $wish->by,
            'asked_at' => now(),
            // The job that is set now has it first.
            'next_try_at' => now()->addSeconds(20),
            'card_minor' => $wish->credited
                ? 0
                : CardMoney::back($fresh->total_minor, $fresh->card_minor, $before, $figures->total),
            'credited' => $wish->credited,
            'done_at' => $wish->credited ? now() : null,
        ]);
        if ($wish->credited) {
            WritePaper::credit($fresh, $refund);
        } elseif (self::isAll($after)) {
            $fresh->update(['state' => OrderState::Refunding, 'payment_trouble' => null]);
        }

        return $refund;
    }

    private static function isAll(Refundable $after): bool
    {
        return $after->left() === 0;
    }

    /**
     * Pieces that no supplier has yet aren't sent any more, and can be sold again.
     *
     * @param  array<int, int>  $pieces  by line
     */
    private function withdraw(Order $order, array $pieces): void
    {
        $back = [];
        foreach ($order->lines as $line) {
            $row = $line->supplierOrder;
            $gone = min($pieces[$line->id] ?? 0, $line->quantity - $line->withdrawn);
            if ($gone > 0 && $line->giving !== null) {
                if ($line->giving === Giving::GiftCard) {
                    $order->decrement('own_cost_minor', OrderCards::end($line, $gone));
                }
                $back[$line->supplier_variant_id] = ($back[$line->supplier_variant_id] ?? 0) + $gone;
                $line->update(['withdrawn' => $line->withdrawn + $gone]);

                continue;
            }
            if ($gone === 0 || $row === null || ! in_array($row->state, self::NOT_THERE, true)) {
                continue;
            }
            if ($row->state === SupplierOrderState::ToSend) {
                $this->refuseIfUnderWay($row);
                $back[$line->supplier_variant_id] = ($back[$line->supplier_variant_id] ?? 0) + $gone;
            }
            $line->update(['withdrawn' => $line->withdrawn + $gone]);
        }
        ksort($back);
        $this->reservations->putBack($back);
        if ($back !== []) {
            TellShelves::of($order);
        }
        foreach ($order->supplierOrders as $row) {
            $mine = $order->lines->where('supplier_order_id', $row->id);
            $nothingLeft = $mine->every(static fn (OrderLine $line): bool => $line->withdrawn >= $line->quantity);
            if ($nothingLeft && in_array($row->state, [SupplierOrderState::ToSend, SupplierOrderState::Refused], true)) {
                $row->update(['state' => SupplierOrderState::Withdrawn, 'trouble' => null, 'goods_minor' => 0, 'delivery_minor' => 0]);
            }
        }
    }

    private function refuseIfUnderWay(SupplierOrder $row): void
    {
        $name = (string) $row->connection?->name;
        if ($row->sending_until?->isFuture()) {
            throw new Refusal(sprintf('It is being sent to %s this moment. Look again in a minute.', $name));
        }
        if ($row->unsure) {
            throw new Refusal(
                sprintf(
                    '%s may have this order: it was sent and no answer came. It is asked again %s; refund it once '.
                        'that is known.',
                    $name,
                    $this->when($row->next_try_at),
                ),
            );
        }
    }

    private function when(?Carbon $next): string
    {
        return $next === null || $next->isPast() ? 'in a moment' : 'at '.Clock::here()->hour($next);
    }

    /** As somebody at the counter reads it. */
    public static function words(Order $order, RefundRefused $refused): string
    {
        $money = static fn (int $minor): string => MoneyView::text($order->money($minor));

        return match ($refused->limit) {
            RefundLimit::Pieces => sprintf(
                '%s: %s left to give back.',
                (string) $order->lines->firstWhere('id', $refused->of)?->name(),
                $refused->left === 0 ? 'no piece is' : ($refused->left === 1 ? 'one piece is' : $refused->left.' pieces are'),
            ),
            RefundLimit::Delivery => sprintf('Of the delivery, %s is left to give back.', $money($refused->left)),
            RefundLimit::Amount => sprintf('Besides that, %s is left to give back.', $money($refused->left)),
            RefundLimit::Nothing => 'Say what is given back: pieces, some of the delivery, or an amount.',
        };
    }
}
