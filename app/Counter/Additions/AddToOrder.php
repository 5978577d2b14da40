<?php

declare(strict_types=1);

namespace WindowStall\Counter\Additions;

use Ramsey\Uuid\Uuid;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Order;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;

/**
 * Adds one piece to an order that was paid: an order of its own, to the same address and paid in the same way, that goes along in the
 * same parcel. Pressed twice it is one: its basket has a number made of the order and the variant.
 */
final readonly class AddToOrder
{
    private const ADDRESS = ['email', 'name', 'street', 'town', 'part', 'postcode', 'phone', 'company', 'tax_number', 'wallet'];

    public function __construct(private PlaceOrder $place)
    {
    }

    /**
     * @param  Stall  $stall  seen from where the order goes, as its shopper reads it
     * @param  Order  $order  with its lines, its supplier orders and their connections
     *
     * @throws Refusal for the shopper, where it can't be added any more
     */
    public function __invoke(Stall $stall, Order $order, int $variant): Order
    {
        $id = Uuid::uuid5(Uuid::NAMESPACE_URL, $order->token.'/'.$variant)->toString();
        $known = Order::query()
            ->where('basket_id', $id)
            ->whereIn('state', [OrderState::Paid, OrderState::Refunding, OrderState::Refunded])
            ->first();
        if ($known !== null) {
            return $known;
        }
        $listing = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('state', ListingState::InWindow)
            ->find(ListingVariant::query()->whereKey($variant)->value('listing_id'));
        if (! $listing instanceof Listing || ! Additions::takes($stall, $order, $listing, $variant)) {
            throw new Refusal(Speech::say('till.addition.over'));
        }
        $basket = $this->basket($stall, $order, $id);
        $basket->put($variant, 1, 1);
        $contents = BasketContents::of(
            $stall,
            $basket,
            new Destination($order->country, $order->part === '' ? null : $order->part, $order->postcode),
            $basket->way,
            $order->email,
            $order->reverse_charge,
        );
        if ($contents->troubles !== []) {
            throw new Refusal(implode(' ', $contents->troubles));
        }

        return ($this->place)(
            $stall,
            $basket,
            $contents,
            array_map(strval(...), $order->only(self::ADDRESS)),
            PayMethod::from($order->pay_method),
        );
    }

    private function basket(Stall $stall, Order $order, string $id): Basket
    {
        $way = Basket::query()->whereKey($order->basket_id)->value('way');
        Basket::query()->insertOrIgnore([
            'id' => $id,
            'stall_id' => $stall->id,
            'country' => $order->country,
            'part' => $order->part === '' ? null : $order->part,
            'postcode' => $order->postcode,
            'way' => $way,
            'joins_order_id' => $order->id,
            'created_at' => now(),
            'updated_at' => now(),
        ]);

        return Basket::query()->findOrFail($id);
    }
}
