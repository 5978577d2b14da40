<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Additions\EarlierOrder;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Print\Files\PrintOrders;
use WindowStall\Source\Connectors\AlreadyPacked;
use WindowStall\Source\Connectors\JoinsParcels;
use WindowStall\Source\Connectors\PrintOrder;
use WindowStall\Source\Connectors\PrintsArtwork;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\TakesOrders;
use WindowStall\Source\Connectors\TriesOrders;
use WindowStall\Support\Refusal;

/**
 * Sends one supplier order. It may run twice, break off anywhere, or be started again by the sweep: one at a time has
 * the row for a stated time (a lease), nothing is locked while the supplier answers, and the idempotency key makes any
 * repetition the same order there. While no answer is known, the row says that the supplier may have it.
 */
final class SendSupplierOrder implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Longest wait between tries; seconds. */
    private const MOST_WAIT = 3_600;

    /** How long the row may be in one hand; longer than the job may run. Seconds. */
    private const LEASE = 90;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $supplierOrderId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->supplierOrderId;
    }

    public function handle(ApplyAnswer $apply, PrintOrders $prints): void
    {
        if (! $this->claim()) {
            return;
        }
        $row = SupplierOrder::query()
            ->with(['lines.supplierVariant', 'order.stall', 'connection'])
            ->findOrFail($this->supplierOrderId);
        $ordering = $row->connection?->ordering();
        if ($row->connection === null || $row->order === null || $ordering === null) {
            $this->refused(
                sprintf(
                    '%s takes no orders from here. Order it from them by hand, or give the shopper the money back.',
                    (string) $row->connection?->name,
                ),
                tried: false,
            );

            return;
        }
        try {
            $lines = $this->lines($row, $ordering, $prints);
            if ($row->order->isRehearsed()) {
                $this->rehearse($row, $ordering, $lines, $apply);

                return;
            }
            $answer = $this->along($row, $ordering, $lines) ?? $ordering->order(
                $row->connection->access(),
                $row->idempotency_key,
                'Order '.$row->order->number,
                $lines,
                $row->order->sentTo(),
                array_column($row->connection->extras, 'code'),
            );
        } catch (SupplierTrouble $trouble) {
            $trouble->passing ? $this->wait($row, $trouble) : $this->refused($trouble->getMessage(), tried: true);

            return;
        } catch (Refusal $refusal) {
            // It can't be printed as it lay; nothing was sent.
            $this->refused($refusal->getMessage(), tried: false);

            return;
        }
        $apply($row, $answer);
    }

    /**
     * A rehearsal never orders. A supplier that can't be asked otherwise isn't asked: the row goes on waiting, seen by nobody.
     *
     * @param  list<array{variant: string, quantity: int, warehouse?: string, prints?: list<PrintOrder>}>  $lines
     *
     * @throws SupplierTrouble
     */
    private function rehearse(SupplierOrder $row, TakesOrders $ordering, array $lines, ApplyAnswer $apply): void
    {
        if (! $ordering instanceof TriesOrders || $row->connection === null || $row->order === null) {
            return;
        }
        $said = $ordering->tryOrder(
            $row->connection->access(),
            'Rehearsal',
            $lines,
            $row->order->sentTo(),
            array_column($row->connection->extras, 'code'),
        );
        foreach ($said as $answer) {
            $apply($row, $answer);
        }
    }

    /**
     * What was added to an order goes into its parcel; where that is packed already, it goes by itself, at the stall's cost.
     *
     * @param  list<array{variant: string, quantity: int, warehouse?: string, prints?: list<PrintOrder>}>  $lines
     *
     * @throws SupplierTrouble
     */
    private function along(SupplierOrder $row, TakesOrders $ordering, array $lines): ?SupplierAnswer
    {
        $earlier = $ordering instanceof JoinsParcels ? EarlierOrder::of($row) : null;
        if ($earlier === null || ! $ordering instanceof JoinsParcels || $row->connection === null || $row->order === null) {
            return null;
        }
        try {
            return $ordering->join(
                $row->connection->access(),
                $row->idempotency_key,
                'Order '.$row->order->number,
                $lines,
                $row->order->sentTo(),
                $earlier,
            );
        } catch (AlreadyPacked) {
            return null;
        }
    }

    /**
     * @return list<array{variant: string, quantity: int, warehouse?: string, prints?: list<PrintOrder>}>
     *
     * @throws SupplierTrouble|Refusal
     */
    private function lines(SupplierOrder $row, TakesOrders $ordering, PrintOrders $prints): array
    {
        $lines = [];
        foreach ($row->lines->filter(static fn (OrderLine $l): bool => $l->toSend() > 0) as $line) {
            $one = ['variant' => (string) $line->supplierVariant?->external_id, 'quantity' => $line->toSend()];
            if ($line->warehouse !== null) {
                $one['warehouse'] = $line->warehouse;
            }
            $stall = $row->order?->stall;
            if ($ordering instanceof PrintsArtwork && $row->connection !== null && $line->supplierVariant !== null && $stall !== null) {
                $one['prints'] = $prints->of(
                    $stall,
                    $line->supplierVariant,
                    $line->placing_id,
                    $line->placing_revision,
                    $ordering,
                    $row->connection->access(),
                );
            }
            $lines[] = $one;
        }

        return $lines;
    }

    private function claim(): bool
    {
        return $this->row()
            ->where(fn ($q) => $q->whereNull('sending_until')->orWhere('sending_until', '<', now()))
            ->whereHas('order', fn ($q) => $q->where('state', OrderState::Paid)->whereNull('held_at'))
            // Those who take orders by mail get one table a day.
            ->whereHas('connection', fn ($q) => $q->whereNull('orders_to'))
            ->update(['sending_until' => now()->addSeconds(self::LEASE), 'unsure' => true]) === 1;
    }

    /** @return Builder<SupplierOrder> the row, as long as it waits to be sent */
    private function row(): Builder
    {
        return SupplierOrder::query()->whereKey($this->supplierOrderId)->where('state', SupplierOrderState::ToSend);
    }

    /** Said no for good, or can't be understood: a person has to look. */
    private function refused(string $why, bool $tried): void
    {
        $this->row()->increment('tries', $tried ? 1 : 0, [
            'state' => SupplierOrderState::Refused,
            'refusal' => $why,
            'sending_until' => null,
            'unsure' => false,
        ]);
    }

    private function wait(SupplierOrder $row, SupplierTrouble $trouble): void
    {
        // Twice as long each time, with jitter so that many orders don't all come back at once.
        $wait = min(self::MOST_WAIT, 10 * 2 ** min($row->tries, 9));
        $this->row()->update([
            'trouble' => $trouble->getMessage(),
            'tries' => $row->tries + 1,
            'next_try_at' => now()->addSeconds(random_int(intdiv($wait, 2), $wait)),
            'sending_until' => null,
            'unsure' => $trouble->unsure,
        ]);
    }
}
