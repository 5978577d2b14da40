<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Pricing\SoldInYear;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/** What was sold to a country in the running year, from the orders. */
final class SoldInYearHere implements SoldInYear
{
    private const SOLD = <<<'SQL'
        SELECT currency, home_currency, rate, sum(total_minor - tax_minor)::bigint AS total_minor
        FROM orders
        WHERE stall_id = :stall
          AND country = :country
          AND state = :paid
          AND paid_at >= :since
        GROUP BY currency, home_currency, rate
        SQL;

    public function to(Stall $stall, string $country, Currency $in): Money
    {
        $since = now()->setTimezone(Clock::of($stall)->zone)->startOfYear()->setTimezone('UTC');
        $sheet = CostSheet::of($stall);
        $sum = Money::zero($in);
        $rows = DB::select(self::SOLD, [
            'stall' => $stall->id,
            'country' => $country,
            'paid' => OrderState::Paid->value,
            'since' => $since->format('Y-m-d H:i:s'),
        ]);
        foreach ($rows as $row) {
            $order = (new Order())->newFromBuilder((array) $row);
            $sold = $order->money($order->total_minor);
            // What was sold in another currency counts by what it was worth at home.
            $rate = $sold->currency->is($in) ? null : $sheet->shownRate($country);
            $sum = $sum->plus(match (true) {
                $sold->currency->is($in) => $sold,
                $rate === null => $order->worth($order->total_minor),
                default => $sheet->shownBy($country, $rate)->convert($order->worth($order->total_minor)),
            });
        }

        return $sum;
    }
}
