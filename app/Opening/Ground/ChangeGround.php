<?php

declare(strict_types=1);

namespace WindowStall\Opening\Ground;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Offers\Code;
use WindowStall\Stall\Events\HomeWanted;
use WindowStall\Stall\OpenStall;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Changes what a stall stands on, its country and the currency it counts in, as long as nothing goes by it yet: the country until
 * something is sold, the currency until goods are priced. What was typed of charges is taken over at today's rate.
 */
final readonly class ChangeGround
{
    /** Amounts of the stall's own terms. */
    private const AMOUNTS = [
        'flat_delivery_minor', 'payment_fee_fixed_minor', 'advertising_minor', 'handling_minor', 'free_over_minor', 'built_in_minor',
    ];

    public function __construct(private OpenStall $open)
    {
    }

    /** @throws Refusal once something was sold */
    public function country(Stall $stall, string $country): void
    {
        DB::transaction(static function () use ($stall, $country): void {
            $now = Stall::query()->whereKey($stall->id)->lockForUpdate()->firstOrFail();
            if ($now->country !== $country && Order::of($stall)->exists()) {
                throw new Refusal('Something was ordered already: its papers say the country. It can’t be changed any more.');
            }
            $now->update(['country' => $country]);
            StalePages::frame($stall);
        }, attempts: 3);
        $stall->refresh();
    }

    /** @throws Refusal once goods lie on the bench, or something has an amount in it */
    public function currency(Stall $stall, string $currency, ?User $by): void
    {
        $changed = DB::transaction(fn (): bool => $this->turn($stall, $currency), attempts: 3);
        $stall->refresh();
        if ($changed) {
            // All that suppliers have is worked out anew, by a run.
            event(new HomeWanted($stall, $stall->home_market, $by));
        }
    }

    private function turn(Stall $stall, string $currency): bool
    {
        $now = Stall::query()->with('rates')->whereKey($stall->id)->lockForUpdate()->firstOrFail();
        if ($now->currency === $currency) {
            return false;
        }
        $inIt = match (true) {
            Order::of($stall)->exists() => 'Something was ordered in it already.',
            Listing::of($stall)->withTrashed()->exists() => 'Goods lie on the bench, priced in it.',
            Code::query()->where('stall_id', $stall->id)->exists() => 'There are codes with amounts in it.',
            default => null,
        };
        if ($inIt !== null) {
            throw new Refusal($inIt.' The currency can’t be changed any more.');
        }
        $today = ReferenceRates::into($currency)[$now->currency];
        $rate = ExchangeRate::of(Currency::of($now->currency), Currency::of($currency), $today, 0, ReferenceRates::DAY);
        $amounts = [];
        foreach (self::AMOUNTS as $column) {
            $minor = $now->getAttribute($column);
            $amounts[$column] = is_int($minor) ? $rate->convert(Money::of($minor, $now->currency))->minor : null;
        }
        $now->update(['currency' => $currency] + $amounts);
        $now->marketRows()->update(['charged_minor' => null, 'tax_threshold_minor' => null]);
        $now->rates()->delete();
        $now->recipes()->delete();
        $now->places()->delete();
        PaymentConnection::of($now)->update(['methods' => []]);
        $this->open->terms($now->unsetRelations());

        return true;
    }
}
