<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Support\Str;

/** What would become of an order: looked at, packed and priced like any other, and then forgotten. */
final readonly class TryOrder
{
    public function __construct(private TakeOrder $take)
    {
    }

    /**
     * @param  list<array{variant: string, quantity: int, warehouse?: string}>  $lines
     * @param  array<string, string>  $address
     * @param  list<string>  $extras
     * @return list<array<string, mixed>> the order as the interface says it: accepted, then posted
     *
     * @throws Refused
     */
    public function __invoke(string $key, string $reference, array $lines, array $address, array $extras): array
    {
        $db = Books::db();
        $db->beginTransaction();
        try {
            [$order] = ($this->take)($key, (string) Str::uuid(), $reference, $lines, $address, $extras);

            return [self::said($order, 'accepted', []), self::said($order, 'posted', self::parcels($order))];
        } finally {
            $db->rollBack();
        }
    }

    /** @return list<array<string, mixed>> by numbers that the carrier knows as tried */
    private static function parcels(\stdClass $order): array
    {
        return array_map(
            static fn (array $parcel): array => ['tracking' => 'TRIED'.Str::upper(Str::random(10))] + $parcel,
            Packing::pack($order, first: false),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $parcels
     * @return array<string, mixed>
     */
    private static function said(\stdClass $order, string $state, array $parcels): array
    {
        $now = clone $order;
        $now->state = $state;
        $now->parcels = json_encode($parcels, JSON_THROW_ON_ERROR);
        $now->carrier = $parcels[0]['carrier'] ?? null;
        $now->tracking = $parcels[0]['tracking'] ?? null;

        return ['joined_until' => null] + ApiController::said($now);
    }
}
