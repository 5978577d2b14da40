<?php

declare(strict_types=1);

namespace WindowStall\Counter\Own;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\NearestPlace;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/**
 * A shopper says another address for what isn't packed yet: before any supplier has it, within the same of the stall's places, so
 * that its charge and its tax stay right.
 */
final class ChangeAddress
{
    /** @param  Order  $order  with its supplier orders */
    public static function possible(Order $order): bool
    {
        return $order->state === OrderState::Paid
            && $order->collected === ''
            && $order->supplierOrders->isNotEmpty()
            && $order->supplierOrders->every(static fn (SupplierOrder $row): bool => self::isOurs($row));
    }

    /** Whether nobody has it, or may have it. */
    public static function isOurs(SupplierOrder $row): bool
    {
        return match ($row->state) {
            SupplierOrderState::ToSend => ! $row->unsure && ! $row->sending_until?->isFuture(),
            SupplierOrderState::Refused, SupplierOrderState::Withdrawn => true,
            default => false,
        };
    }

    /**
     * @param  array{name: string, street: string, town: string, postcode: string}  $address
     * @return bool whether it goes there now
     */
    public function __invoke(Stall $stall, Order $order, array $address): bool
    {
        $postcode = Postcode::read($address['postcode'], $order->country);
        $full = $address['name'] !== '' && $address['street'] !== '' && $address['town'] !== '' && $postcode !== null;
        if (! $full || ! self::isSamePlace($stall, $order, $postcode)) {
            return false;
        }

        return DB::transaction(static function () use ($order, $address, $postcode): bool {
            $fresh = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
            $rows = SupplierOrder::query()->where('order_id', $order->id)->orderBy('id')->lockForUpdate()->get();
            if (! self::possible($fresh->setRelation('supplierOrders', $rows))) {
                return false;
            }
            $fresh->update(['postcode' => $postcode] + $address);

            return true;
        }, attempts: 3);
    }

    private static function isSamePlace(Stall $stall, Order $order, string $postcode): bool
    {
        $places = array_map(static fn (PlaceTerms $terms): Place => $terms->place, Places::of($stall));
        $of = static fn (string $code): ?int => NearestPlace::of($places, new Destination(
            $order->country,
            $order->part === '' ? null : $order->part,
            $code === '' ? null : $code,
        ))?->place->id;

        return $of($postcode) === $of($order->postcode);
    }
}
