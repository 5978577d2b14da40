<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The service's payments. */
final class Book
{
    public static function payments(): Builder
    {
        return DB::connection('payment')->table('payments');
    }

    public static function refunds(): Builder
    {
        return DB::connection('payment')->table('refunds');
    }

    public static function find(string $id): \stdClass
    {
        return self::payments()->where('id', $id)->first() ?? abort(404);
    }

    /**
     * Moves a payment on, once, and only from where it may come.
     *
     * @param  list<string>  $from
     * @param  array<string, mixed>  $facts
     */
    public static function move(string $id, array $from, array $facts): bool
    {
        return self::payments()->where('id', $id)->whereIn('state', $from)->update($facts + ['updated_at' => now()]) === 1;
    }
}
