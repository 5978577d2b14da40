<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Support\Carbon;

/**
 * An order that goes along in the parcel of an earlier one: for half an hour, to the same address, as long as nothing of that
 * is posted and from a warehouse it is packed in. It pays for its goods and for what the parcel costs more.
 */
final class Joined
{
    private const MINUTES = 30;

    /** Until when one may go along with it; null where none may. */
    public static function until(\stdClass $order): ?Carbon
    {
        $until = Carbon::parse($order->created_at)->addMinutes(self::MINUTES);
        $waits = in_array($order->state, ['received', 'accepted'], true)
            && $order->joins === null
            && json_decode($order->parcels, true) === [];

        return $waits && $until->isFuture() ? $until : null;
    }

    /**
     * @param  array<string, string>  $address
     *
     * @throws Refused
     */
    public static function root(string $key, int $id, array $address): \stdClass
    {
        $root = Books::table('orders')->where('key', $key)->where('id', $id)->lockForUpdate()->first()
            ?? throw new Refused(sprintf('There is no order %d to go along with.', $id));
        if (self::until($root) === null) {
            throw new Refused(sprintf('Order %d is packed already.', $id), 'packed');
        }
        // In the order of whoever wrote it.
        if (json_decode($root->address, true) != $address) {
            throw new Refused(sprintf('Order %d goes to another address.', $id), 'packed');
        }

        return $root;
    }

    /** @return list<string> the warehouses it is packed in */
    public static function warehouses(\stdClass $root): array
    {
        return array_values(array_unique(array_column(json_decode($root->lines, true), 'warehouse')));
    }

    /**
     * Grams by warehouse of all that is in its parcels so far.
     *
     * @return array<string, int>
     */
    public static function grams(\stdClass $root): array
    {
        $grams = [];
        $orders = Books::table('orders')
            ->where(fn ($q) => $q->where('id', $root->id)->orWhere('joins', $root->id))
            ->whereIn('state', ['received', 'accepted']);
        foreach ($orders->get() as $order) {
            foreach (json_decode($order->lines, true) as $line) {
                $one = (int) Books::table('variants')->where('id', $line['variant'])->value('grams');
                $grams[$line['warehouse']] = ($grams[$line['warehouse']] ?? 0) + $one * $line['quantity'];
            }
        }

        return $grams;
    }

    /** @return list<\stdClass> those that go along and aren't posted */
    public static function of(\stdClass $root): array
    {
        return array_values(Books::table('orders')
            ->where('joins', $root->id)
            ->whereIn('state', ['received', 'accepted'])
            ->orderBy('id')
            ->get()
            ->all());
    }
}
