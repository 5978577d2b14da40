<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Untested;
use WindowStall\Opening\Rehearsal\Visit;
use WindowStall\Source\Connectors\TriesOrders;
use WindowStall\Support\Views\MoneyView;

/** Each supplier is asked to take it, as a test. */
final readonly class IsOrdered implements Step
{
    public function kind(): StepKind
    {
        return StepKind::Supplier;
    }

    public function __invoke(Visit $visit): string
    {
        $order = $visit->order();
        $parts = static fn (): Collection => SupplierOrder::query()->with(['connection', 'order.stall'])->where('order_id', $order->id)->orderBy('id')->get();
        $tried = $parts()->filter(static fn (SupplierOrder $part): bool => $part->connection?->ordering() instanceof TriesOrders
            && $part->connection->orders_to === null);
        $waits = static fn (SupplierOrder $part): bool => $part->state === SupplierOrderState::ToSend && $part->trouble === null;
        $visit->await(static fn (): bool => ! $parts()->find($tried->modelKeys())->contains($waits));
        $said = [];
        foreach ($parts() as $part) {
            $said[] = self::said($part, $tried->contains('id', $part->id));
        }
        if ($said !== [] && $tried->isEmpty()) {
            throw new Untested(implode('; ', $said));
        }

        return $said === [] ? 'Nothing of it is ordered of a supplier' : implode('; ', $said);
    }

    private static function said(SupplierOrder $part, bool $tried): string
    {
        $who = (string) $part->connection?->name;
        if (! $tried) {
            return $who.' takes no test orders: untested';
        }
        if ($part->state === SupplierOrderState::Refused) {
            throw new Stuck($who.' would not take it.', (string) $part->refusal);
        }
        if ($part->state === SupplierOrderState::ToSend) {
            throw new Stuck($who.' doesn’t answer.', (string) $part->trouble);
        }
        $stall = $part->order->stall ?? throw new \LogicException('A supplier order always has its order.');

        return sprintf('%s took it as a test, %s', $who, MoneyView::text($stall->money($part->goods_minor + $part->delivery_minor)));
    }
}
