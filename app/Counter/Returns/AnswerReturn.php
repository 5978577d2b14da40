<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Refund\Refundable;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Order;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\OrderRefundable;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Support\Refusal;

/**
 * Answers a shopper who wants to send something back: it may come, they may keep it, or not; and settles it once it is there.
 * Money goes back exactly once, however often this is pressed.
 */
final readonly class AnswerReturn
{
    public function __construct(private GiveBack $giveBack, private Exchange $exchange)
    {
    }

    /**
     * @param  string  $to  where it is sent, as the shopper reads it; for {@see ReturnState::Awaited}
     * @param  string  $answer  the seller's words besides
     *
     * @throws Refusal when it was answered otherwise meanwhile
     */
    public function __invoke(OrderReturn $return, ReturnState $next, string $to = '', string $answer = '', ?int $by = null): void
    {
        // One transaction with the return held: who answers otherwise at the same moment waits, and finds it answered.
        DB::transaction(function () use ($return, $next, $to, $answer, $by): void {
            $fresh = OrderReturn::query()->whereKey($return->id)->lockForUpdate()->firstOrFail();
            if ($fresh->state === $next) {
                return;
            }
            if (! $fresh->state->canBecome($next)) {
                throw new Refusal('This return is '.$fresh->state->words().' already.');
            }
            $order = Order::query()->with(['lines.supplierOrder', 'refunds', 'stall'])->findOrFail($fresh->order_id);
            $settles = in_array($next, [ReturnState::Kept, ReturnState::Arrived], true);
            $exchange = $next === ReturnState::Exchanged ? ($this->exchange)($order, $fresh, $by) : null;
            $refund = $settles ? ($this->giveBack)($order, self::wish($order, $fresh, $by)) : null;
            $fresh->update(array_filter([
                'state' => $next,
                'to' => $to,
                'answer' => $answer,
                'refund_id' => $refund?->id,
                'exchange_id' => $exchange?->id,
                'answered_at' => $fresh->answered_at ?? now(),
                'settled_at' => $next->isSettled() ? now() : null,
            ], static fn (mixed $fact): bool => $fact !== null && $fact !== ''));
            if ($to !== '') {
                $this->remember($order, $fresh, $to);
            }
            if ($next !== ReturnState::Arrived) {
                TellShopper::of($order, TellKind::Returned, of: $fresh->id);
            }
        }, attempts: 3);
    }

    /** What goes back for it: its pieces, and all of the delivery where all of the order comes back, or the fault isn't the shopper's. */
    public static function asked(Order $order, OrderReturn $return): RefundAsked
    {
        $left = OrderRefundable::of($order);

        return self::of($left, $return);
    }

    private static function of(Refundable $left, OrderReturn $return): RefundAsked
    {
        $pieces = array_map(
            static fn (int $line, int $count): int => min($count, $left->pieces[$line] ?? 0),
            array_keys($return->pieces),
            $return->pieces,
        );
        $pieces = array_filter(array_combine(array_keys($return->pieces), $pieces));
        $stays = array_sum($left->pieces) - array_sum($pieces);

        return new RefundAsked($pieces, $stays === 0 || $return->reason->isOurs() ? $left->delivery() : 0);
    }

    private static function wish(Order $order, OrderReturn $return, ?int $by): RefundWish
    {
        $bears = $return->reason->bearer();
        $asked = self::asked($order, $return);

        return new RefundWish(
            key: 'return-'.$return->id,
            asked: $asked,
            bears: $bears,
            borne: $bears === Bearer::Supplier ? self::cost($order, $asked->pieces) : 0,
            by: $by,
        );
    }

    /**
     * What the supplier charged for those pieces: that it gives back for what came broken or wrong.
     *
     * @param  array<int, int>  $pieces
     */
    private static function cost(Order $order, array $pieces): int
    {
        $cost = 0;
        foreach ($order->lines as $line) {
            $mine = $order->lines->where('supplier_order_id', $line->supplier_order_id);
            $worth = max(1, $mine->sum(static fn ($one): int => $one->total($order)->minor));
            $row = $line->supplierOrder;
            $share = $row instanceof SupplierOrder ? intdiv($row->goods_minor * $line->total($order)->minor, $worth) : 0;
            $cost += intdiv($share * ($pieces[$line->id] ?? 0), max(1, $line->quantity));
        }

        return $cost;
    }

    /** The next return to the same supplier begins with it. */
    private function remember(Order $order, OrderReturn $return, string $to): void
    {
        $line = $order->lines->first(static fn ($line): bool => isset($return->pieces[$line->id]));
        $line?->supplierOrder?->connection()->update(['returns_to' => $to]);
    }
}
