<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Illuminate\Support\Str;

/** What would become of an order: its files looked at, priced like any other, and then forgotten. */
final readonly class TryOrder
{
    public function __construct(private TakeOrder $take)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array<string, string>  $address
     * @param  list<string>  $extras
     * @return list<array<string, mixed>> the order as the interface says it: printing, then posted
     *
     * @throws Refused
     */
    public function __invoke(string $key, string $reference, array $lines, array $address, array $extras): array
    {
        $db = Books::db();
        $db->beginTransaction();
        try {
            [$order] = ($this->take)($key, (string) Str::uuid(), $reference, $lines, $address, $extras);
            $posted = ['state' => 'posted', 'carrier' => 'Hollin Post', 'tracking' => 'TRIED'.Str::upper(Str::random(10))];

            return [
                ['state' => 'printing'] + OrderController::said($order),
                $posted + OrderController::said($order),
            ];
        } finally {
            $db->rollBack();
        }
    }
}
