<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;

/** What a person typed on the cost sheet, read whole before anything of it is stored. */
final readonly class TypedCosts
{
    /**
     * @param  array<string, mixed>  $columns  of the stall
     * @param  array<string, string>  $rates  currency → rate
     * @param  int|null  $cushion  in basis points; null where nothing is said of it
     * @param  string|null  $market  whose terms are said
     * @param  array<string, mixed>  $terms  columns of that market
     */
    private function __construct(
        private array $columns,
        private array $rates,
        private ?int $cushion,
        private ?string $market,
        private array $terms,
    ) {
    }

    /**
     * @param  array<string, mixed>  $typed  as the sheet sends it, each of its form
     *
     * @throws ValidationException
     */
    public static function read(Stall $stall, array $typed): self
    {
        $market = $typed['market'] ?? null;

        return new self(
            columns: self::columns($stall, $typed),
            rates: CostForm::rates($stall, $typed['rates'] ?? []),
            cushion: isset($typed['cushion']) ? StallRules::percent('cushion', $typed['cushion']) : null,
            market: $market,
            terms: $market === null ? [] : TypedTerms::read($stall, $market, $typed['terms']),
        );
    }

    public function store(Stall $stall): void
    {
        $stall->update($this->columns);
        foreach ($this->rates as $currency => $rate) {
            $stall
                ->rates()
                ->where('from', $currency)
                ->update(['rate' => $rate, 'day' => Clock::of($stall)->today(), 'typed' => true]);
        }
        if ($this->cushion !== null) {
            $stall->rates()->update(['cushion_bp' => $this->cushion]);
        }
        if ($this->market !== null) {
            DB::table('markets')->updateOrInsert(['stall_id' => $stall->id, 'market' => $this->market], $this->terms);
        }
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed>
     */
    private static function columns(Stall $stall, array $typed): array
    {
        $columns = CostForm::columns($stall, $typed['fields'] ?? []);
        if (isset($typed['tax_on_top'])) {
            $columns['tax_on_top'] = (bool) $typed['tax_on_top'];
        }
        if (array_key_exists('free_over', $typed)) {
            $columns['free_over_minor'] = self::freeOver($stall, trim((string) $typed['free_over']));
        }

        return $columns + (isset($typed['build_in']) ? self::builtIn($stall, (bool) $typed['build_in']) : []);
    }

    /** @return int|null in minor units; null where no basket goes free */
    private static function freeOver(Stall $stall, string $typed): ?int
    {
        return $typed === '' ? null : StallRules::amount('free_over', $typed, $stall->currency);
    }

    /** @return array<string, int|null> what is charged for delivery goes into the prices, or out of them again */
    private static function builtIn(Stall $stall, bool $in): array
    {
        $charged = $stall->flat_delivery_minor;

        return $in
            ? ['built_in_minor' => $charged > 0 ? $charged : $stall->built_in_minor, 'flat_delivery_minor' => 0]
            : ['flat_delivery_minor' => (int) $stall->built_in_minor, 'built_in_minor' => null];
    }
}
