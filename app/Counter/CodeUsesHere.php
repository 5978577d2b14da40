<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Offers\CodeUses;

/** How often codes were used, from the orders. */
final class CodeUsesHere implements CodeUses
{
    /** As long as somebody may be at the payment page; minutes. */
    private const PAYING = 30;

    public function of(array $codes, string $butFor = ''): array
    {
        return self::counted($codes, $butFor)
            ->groupBy('used.code_id')
            ->selectRaw('used.code_id, count(*) AS uses')
            ->pluck('uses', 'used.code_id')
            ->map(intval(...))
            ->all();
    }

    public function by(string $email, array $codes, string $butFor = ''): array
    {
        return self::counted($codes, $butFor)
            ->whereRaw('lower(placed.email) = ?', [mb_strtolower($email)])
            ->groupBy('used.code_id')
            ->selectRaw('used.code_id, count(*) AS uses')
            ->pluck('uses', 'used.code_id')
            ->map(intval(...))
            ->all();
    }

    public function single(int $code, string $typed, string $butFor = ''): bool
    {
        return self::counted([$code], $butFor)->where('used.code', $typed)->exists();
    }

    public function bought(string $email): bool
    {
        return DB::table('orders')
            ->where('whose', mb_strtolower($email))
            ->whereIn('state', [OrderState::Paid->value, OrderState::Refunded->value, OrderState::Refunding->value])
            ->exists();
    }

    /** @param  list<int>  $codes */
    private static function counted(array $codes, string $butFor): Builder
    {
        return DB::table('order_codes AS used')
            ->join('orders AS placed', 'placed.id', '=', 'used.order_id')
            ->whereIn('used.code_id', $codes)
            ->where(static fn (Builder $q) => $q
                ->where('placed.state', OrderState::Paid->value)
                ->orWhere(static fn (Builder $q) => $q
                    ->where('placed.state', OrderState::AwaitingPayment->value)
                    ->where('placed.updated_at', '>', now()->subMinutes(self::PAYING))
                    ->when($butFor !== '', static fn (Builder $q) => $q->where('placed.basket_id', '!=', $butFor))));
    }
}
