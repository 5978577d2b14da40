<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Money\Currency;
use WindowStall\Stall\Events\StallOpened;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\PriceRecipe;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Stall\Terms\ReferenceRates;

/** Sets up a stall with sensible terms, first rates and a dressed window, and makes the person its keeper. */
final readonly class OpenStall
{
    /**
     * @param  array{
     *     name: string, handle: string, country: string, home_market: string, currency: string, vat_bp: int,
     *     flat_delivery_minor: int, zone?: string,
     * }  $facts
     */
    public function __invoke(User $by, array $facts): Stall
    {
        // Its number comes first: its row can only be written, and seen, from within.
        $number = (int) DB::selectOne("SELECT nextval('stalls_id_seq') AS number")->number;

        return OneStall::within(
            $number,
            fn (): Stall => DB::transaction(fn (): Stall => $this->make($number, $by, $facts)),
        );
    }

    /** @param  array<string, string|int>  $facts */
    private function make(int $number, User $by, array $facts): Stall
    {
        $unit = Currency::of((string) $facts['currency'])->minorPerUnit();
        $stall = Stall::query()->create(
            $facts + [
                'id' => $number,
                'payment_fee_bp' => 150,
                'payment_fee_fixed_minor' => intdiv($unit * 20, 100),
                'returns_bp' => 200,
            ],
        );
        $stall->users()->attach($by);
        $this->furnish($stall);
        $by->forceFill(['current_stall_id' => $stall->id])->save();

        return $stall->refresh();
    }

    private function furnish(Stall $stall): void
    {
        $stall->marketRows()->create(['market' => $stall->home_market, 'sold' => true]);
        $this->terms($stall);
        event(new StallOpened($stall));
    }

    /** The rates, places and recipes that a stall begins with, in its currency. */
    public function terms(Stall $stall): void
    {
        $rates = ReferenceRates::into($stall->currency);
        $stall->rates()->insert(array_map(static fn (string $from): array => [
            'stall_id' => $stall->id,
            'from' => $from,
            'rate' => $rates[$from],
            'day' => ReferenceRates::DAY,
            'typed' => false,
        ], array_keys($rates)));
        Places::makeHome($stall);
        $stall->recipes()->create([
            'name' => 'Everything else',
            'position' => PriceRecipe::LAST,
            'recipe' => Recipes::first($stall->currencyValue()),
        ]);
    }
}
