<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Core\Dispatch\Returns\ReturnReason;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\FollowParcel;
use WindowStall\Counter\Jobs\GiveMoneyBack;
use WindowStall\Counter\Jobs\NoteDispute;
use WindowStall\Counter\Order;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Counter\Returns\AnswerReturn;
use WindowStall\Counter\Returns\AskReturn;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Stall\Stall;

/**
 * What some twenty people bought over half a year, and what became of it: placed and paid at their time through the program's own
 * actions, taken and posted by Oakum's stand-in, followed by what the carrier's tells; then the times of what happened are put
 * where they belong.
 */
final readonly class PastOrders
{
    /** How long anything asked of a stand-in may take; tenths of a second. */
    private const PATIENCE = 200;

    /** Days. */
    private const MONTH = 30;

    /** @param  \Closure(array<string, int> $goods, array<string, string> $address, string $country): Order  $buy  pays for goods, now */
    public function __construct(private Stall $stall, private \Closure $buy)
    {
    }

    /** Those of before the month in which so much changes. */
    public function before(): void
    {
        $this->pass(static fn (int $ago): bool => $ago > self::MONTH);
    }

    /** What became of that month's own, and what was bought since. */
    public function since(): void
    {
        foreach (Order::of($this->stall)->whereHas('parcels', self::untold(...))->orderBy('id')->get() as $n => $order) {
            $this->promisedThen($order);
            $this->travel($order, 0.9 + $n % 4 / 10, 2.0 + $n % 5 / 3, 1.0);
        }
        $this->pass(static fn (int $ago): bool => $ago <= self::MONTH);
    }

    /** @param  \Illuminate\Database\Eloquent\Builder<Parcel>  $q  whose posting lies after what its order is dated */
    private static function untold(\Illuminate\Database\Eloquent\Builder $q): void
    {
        $q->whereNull('there_at')->where('posted_at', '>', now()->subHour());
    }

    /** Its dates were told by the clock of today. */
    private function promisedThen(Order $order): void
    {
        $days = (int) ($order->paid_at ?? now())->diffInDays(now(), absolute: true);
        $back = static fn (string $column): \Illuminate\Contracts\Database\Query\Expression => DB::raw("$column - $days");
        $order->lines()->toBase()->update(['promised_from' => $back('promised_from'), 'promised_to' => $back('promised_to')]);
        $order->parcels()->toBase()->update(['promised_to' => $back('promised_to')]);
        $order->papers()->toBase()->update(['issued_at' => $order->paid_at]);
        DB::table('order_mails')->where('order_id', $order->id)->where('kind', 'thanks')->update(['told_at' => $order->paid_at]);
    }

    /** @param  callable(int): bool  $which  by how many days ago it was */
    private function pass(callable $which): void
    {
        $orders = [];
        foreach (Shoppers::ORDERS as $n => $wanted) {
            if (! $which($wanted[1])) {
                continue;
            }
            Carbon::setTestNow(Carbon::now()->subDays($wanted[1])->setTime(9 + $n % 8, 7 * $n % 60));
            try {
                $orders[$n] = ($this->buy)($wanted[2], self::address($wanted[0]), Shoppers::PEOPLE[$wanted[0]][4]);
            } finally {
                Carbon::setTestNow();
            }
        }
        $this->untilSent();
        foreach ($orders as $n => $order) {
            $this->fate($order->refresh(), Shoppers::ORDERS[$n]);
        }
    }

    /** @return array<string, string> */
    private static function address(string $who): array
    {
        [$name, $street, $town, $postcode] = Shoppers::PEOPLE[$who];

        return [
            'email' => $who.'@'.mb_strtolower(preg_replace('/\W+/u', '', (string) strrchr($name, ' ')) ?? '').'.example',
            'name' => $name,
            'street' => $street,
            'town' => $town,
            'postcode' => $postcode,
        ];
    }

    private function untilSent(): void
    {
        $waiting = fn (): bool => DB::table('supplier_orders')->where('stall_id', $this->stall->id)->where('state', 'to_send')->exists();
        for ($n = 0; $n < self::PATIENCE && $waiting(); $n++) {
            usleep(100_000);
        }
    }

    /** @param  array{0: string, 1: int, 2: array<string, int>, 3: float|null, 4: float|null, 5?: string}  $wanted */
    private function fate(Order $order, array $wanted): void
    {
        [$what, $paid] = [$wanted[5] ?? '', $order->paid_at ?? now()];
        foreach ($order->supplierOrders as $row) {
            if ($row->external_id === null) {
                continue;
            }
            $do = $what === 'refused' ? 'refuse' : ($wanted[3] === null ? 'accept' : 'post');
            Month::play(config('stall.oakum.address').'/play/orders/'.$row->external_id, ['do' => $do]);
            $sent = $paid->copy()->addSeconds(40);
            $row->refresh()->update([
                'created_at' => $paid,
                'sent_at' => $sent,
                'accepted_at' => $row->accepted_at === null ? null : $sent->copy()->addHours(2),
                'posted_at' => $row->posted_at === null ? null : self::after($paid, (float) $wanted[3]),
            ]);
        }
        if ($wanted[3] !== null) {
            $this->travel($order, (float) $wanted[3], $wanted[4], $what === 'stands still' ? 0.4 : 1.1);
        }
        match ($what) {
            'came back' => $this->cameBack($order),
            'late' => $this->lessForLate($order),
            'disputed' => $this->disputed($order),
            'sends back' => $this->sendsBack($order),
            default => null,
        };
    }

    /** @param  float|null  $way  days from posting to the door; null while it is on its way */
    private function travel(Order $order, float $posted, ?float $way, float $moved): void
    {
        $paid = $order->paid_at ?? now();
        foreach ($order->parcels()->get() as $parcel) {
            $handed = self::after($paid, $posted);
            $parcel->update(['posted_at' => $handed, 'moved_at' => $handed]);
            DB::table('order_mails')->where('order_id', $order->id)->where('kind', 'posted')->update(['told_at' => $handed]);
            DB::connection('carrier')->table('parcel_events')->where('tracking', $parcel->tracking)->update(['at' => $handed]);
            DB::table('parcel_events')->where('parcel_id', $parcel->id)->update(['at' => $handed]);
            $this->tells($parcel, 'moved', self::after($handed, $way === null ? $moved : 0.6 * $way));
            if ($way !== null) {
                $this->tells($parcel, 'round', self::after($handed, $way)->subHours(4));
                $this->tells($parcel, 'there', self::after($handed, $way));
            }
            app()->call([new FollowParcel($parcel->id), 'handle']);
            DB::table('order_mails')->where('order_id', $order->id)->where('kind', 'there')->update([
                'told_at' => self::after($handed, $way ?? 0),
            ]);
        }
    }

    private function tells(Parcel $parcel, string $what, Carbon $at): void
    {
        Month::play(config('stall.carrier.address').'/play/parcels/'.$parcel->tracking, ['do' => $what, 'at' => $at->toIso8601String()]);
    }

    private function cameBack(Order $order): void
    {
        $line = $order->lines()->orderBy('id')->firstOrFail();
        Carbon::setTestNow(self::after($order->paid_at ?? now(), 7));
        app(AskReturn::class)($this->stall, $order, [$line->id => 1], ReturnReason::Broken, 'The lid is bent.', null);
        $return = OrderReturn::query()->where('order_id', $order->id)->firstOrFail();
        app(AnswerReturn::class)($return, ReturnState::Kept, answer: 'Keep it for seeds that don’t mind; we are sorry.');
        Carbon::setTestNow();
        $this->give($order);
    }

    private function sendsBack(Order $order): void
    {
        $line = $order->lines()->orderBy('id')->firstOrFail();
        app(AskReturn::class)($this->stall, $order, [$line->id => 1], ReturnReason::Small, 'They pinch at the thumb.', null);
    }

    private function lessForLate(Order $order): void
    {
        Carbon::setTestNow(self::after($order->paid_at ?? now(), 11));
        app(GiveBack::class)($order, new RefundWish('late', new RefundAsked(besides: 300), why: 'It took longer than we said.'));
        Carbon::setTestNow();
        $this->give($order);
    }

    private function disputed(Order $order): void
    {
        Month::play(config('stall.payment.address').'/pay/'.$order->payment_id.'/turn', ['does' => 'disputes']);
        app()->call([new NoteDispute($order->id), 'handle']);
        Order::query()->whereKey($order->id)->update(['disputed_at' => now()->subDays(2)]);
    }

    private function give(Order $order): void
    {
        foreach ($order->refunds()->get() as $refund) {
            app()->call([new GiveMoneyBack($refund->id), 'handle']);
            $refund->refresh()->update(['done_at' => $refund->asked_at->copy()->addMinute()]);
            DB::table('order_papers')->where('refund_id', $refund->id)->update(['issued_at' => $refund->asked_at]);
            DB::table('order_mails')->where('order_id', $order->id)->where('kind', 'refunded')->update(['told_at' => $refund->done_at]);
        }
    }

    private static function after(\Carbon\CarbonInterface $at, float $days): Carbon
    {
        return Carbon::instance($at)->addSeconds((int) ($days * 86_400));
    }
}
