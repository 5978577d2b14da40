<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use stdClass;
use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Listing\FrozenRate;
use WindowStall\Core\Pricing\Listing\Pricer;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Pricing\Listing\VariantFacts;
use WindowStall\Core\Pricing\Recipe\PricedGoods;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeFacts;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Support\PgCursor;

/** Reads what prices are made from, for a market, listing by listing, a hundred thousand variants at a time. */
final class PriceFacts
{
    /** What prices of variants are made from; places marked with a colon hold what differs. */
    private const READ = <<<'SQL'
        SELECT variant.id, variant.listing_id, variant.external_id, variant.own_under_floor, variant.own_on, :byHand,
               variant.own_recipe, listing.own_recipe AS listing_recipe, listing.own_across, listing.own_type,
               listing.own_tags::text AS own_tags, listing.shown_from_minor, listing.shown_keep_minor,
               source.cost_minor, :delivered,
               source.rrp_minor, source.grams, item.giving, item.currency, item.connection_id, item.methods::text AS methods,
               price.rate, price.price_rate, price.price_minor, price.keep_minor, price.margin_bp,
               price.above_floor_minor, price.priced_by, price.recipe_id,
               price.listing_variant_id IS NOT NULL AS known :athome,
               CASE WHEN listing.own_across->>'option' IS NOT NULL THEN
                   COALESCE(variant.own_options->>(listing.own_across->>'option'), said.value)
               END AS step
        FROM (SELECT ?::char(2) AS market, ?::char(2) AS home) AS asked
        CROSS JOIN listings AS listing
        JOIN listing_variants AS variant ON variant.listing_id = listing.id
        JOIN supplier_variants AS source ON source.id = variant.selling_id
        JOIN supplier_items AS item ON item.id = source.supplier_item_id
        LEFT JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = asked.market
        :abroad
        LEFT JOIN LATERAL (
            SELECT one->'options'->>(listing.own_across->>'option') AS value
            FROM supplier_words AS words, jsonb_array_elements(words.said::jsonb->'variants') AS one
            WHERE listing.own_across->>'option' IS NOT NULL
              AND words.id = item.words_id
              AND one->>'id' = variant.external_id
            LIMIT 1
        ) AS said ON true
        WHERE listing.stall_id = ?
          AND listing.deleted_at IS NULL
          AND listing.id > ?
          :offered :upto :only
        ORDER BY listing.id, variant.position, variant.id
        SQL;

    private const ABROAD = <<<'SQL'
        LEFT JOIN variant_landings AS landing ON landing.supplier_variant_id = source.id AND landing.market = asked.market
        LEFT JOIN prices AS home ON home.listing_variant_id = variant.id AND home.market = asked.home
        SQL;

    private readonly Duty $duty;

    private readonly bool $converts;

    /** @var array<string, string> */
    private array $held = [];

    /** @var array<string, Currency> */
    private array $currencies = [];

    /** @var array<string, Recipe> */
    private array $recipes = [];

    /** @var array<string, ExchangeRate> */
    private array $rates = [];

    /** @var array<string, array{string, Rates, ExchangeRate}> */
    private array $stands = [];

    private readonly ?string $shownToday;

    /** @var array<string, list<string>> */
    private array $lists = [];

    /**
     * @param  array<int, int|null>|null  $home  variant → its price in the home market as a trial would have it; as it
     *     stands when null
     * @param  bool  $agreed  as if no cost waited for the seller's word
     */
    public function __construct(
        private readonly Stall $stall,
        private readonly CostSheet $sheet,
        private readonly string $market,
        private readonly ?array $home = null,
        private readonly bool $agreed = false,
    ) {
        $this->duty = $sheet->duty($market);
        $this->converts = $sheet->converts($market);
        $this->shownToday = $sheet->shownRate($market);
    }

    /**
     * @param  list<int>|null  $listings
     * @param  bool  $switchedOn  only variants that are offered
     * @return \Generator<int, array{spread: PriceSpread, variants: list<VariantFacts>, rows: list<stdClass>}> listing
     *     by listing
     */
    public function read(?array $listings, int $after = 0, ?int $upTo = null, bool $switchedOn = false): \Generator
    {
        $found = PgCursor::rows($this->sql($listings, $upTo, $switchedOn), [
            $this->market,
            $this->stall->home_market,
            $this->stall->id,
            $after,
            ...$upTo === null ? [] : [$upTo],
        ]);
        $rows = [];
        foreach ($found as $row) {
            if ($rows !== [] && $rows[0]->listing_id !== $row->listing_id) {
                yield $this->listing($rows);
                $rows = [];
            }
            $rows[] = $row;
        }
        if ($rows !== []) {
            yield $this->listing($rows);
        }
    }

    /**
     * Prices listings, by the rate of tax that their goods bear.
     *
     * @param  list<stdClass>  $rows  of one listing
     */
    public function pricer(array $rows): Pricer
    {
        $first = $rows[0] ?? null;

        return $this->sheet->pricer(
            $this->market,
            $this->sheet->taxes()->classOf((int) $first?->listing_id, (string) $first?->own_type),
            posted: $first?->giving === null,
        );
    }

    /** @param  list<int>|null  $listings */
    private function sql(?array $listings, ?int $upTo, bool $switchedOn): string
    {
        $home = $this->market === $this->stall->home_market;
        $only = $listings === [] ? [0] : $listings ?? [];

        return strtr(self::READ, [
            ':byHand' => $this->agreed
                ? 'variant.own_price_minor'
                : 'COALESCE(variant.own_price_minor, variant.waiting_price_minor) AS own_price_minor',
            ':delivered' => $home
                ? 'source.first_minor, source.further_minor'
                : 'landing.first_minor, landing.further_minor',
            ':athome' => $home ? '' : ', home.price_minor AS home_minor',
            ':abroad' => $home ? '' : self::ABROAD,
            ':offered' => $switchedOn ? 'AND variant.own_on' : '',
            ':upto' => $upTo === null ? '' : 'AND listing.id <= ?',
            ':only' => $listings === null ? '' : 'AND listing.id IN ('.implode(',', array_map(intval(...), $only)).')',
        ]);
    }

    /**
     * The same variants at other costs.
     *
     * @param  list<stdClass>  $rows  of one listing, as {@see read()} gave them
     * @param  array<string, int>  $costs  by the supplier's id, in minor units of its currency; as they are where none
     *     is given
     * @param  array<string, int>  $byHand  prices by hand, by the supplier's id, in minor units of the stall's
     * @return list<VariantFacts>
     */
    public function at(array $rows, array $costs, array $byHand): array
    {
        $alike = $variants = [];
        foreach ($rows as $row) {
            $at = clone $row;
            $at->cost_minor = $costs[$row->external_id] ?? $row->cost_minor;
            $at->own_price_minor = $byHand[$row->external_id] ?? null;
            $variants[] = $this->variant($at, $alike);
        }

        return $variants;
    }

    /**
     * @param  non-empty-list<stdClass>  $rows
     * @return array{spread: PriceSpread, variants: list<VariantFacts>, rows: list<stdClass>}
     */
    private function listing(array $rows): array
    {
        $alike = $variants = [];
        foreach ($rows as $row) {
            $variants[] = $this->variant($row, $alike);
        }
        $across = $rows[0]->own_across === null ? null : json_decode((string) $rows[0]->own_across, true);

        return [
            'spread' => is_array($across)
                ? new PriceSpread(
                    AcrossVariants::from((string) $across['across']),
                    (string) ($across['option'] ?? ''),
                    $across['groups'] ?? [],
                )
                : new PriceSpread(AcrossVariants::Each),
            'variants' => $variants,
            'rows' => $rows,
        ];
    }

    /**
     * @param  array<string, RecipeFacts>  $alike  of the listing so far: variants that cost the same are decided once
     */
    private function variant(stdClass $row, array &$alike): VariantFacts
    {
        $code = (string) $row->currency;
        $currency = $this->currencies[$code] ??= Currency::of($code);
        [$row->rate, $held, $exchange] = $this->stands[$code.'|'.$row->rate] ??= $this->stand(
            $row->rate,
            $code,
            $currency,
        );
        $written = $row->own_recipe ?? $row->listing_recipe;
        if ($this->home !== null) {
            $row->home_minor = $this->home[$row->id] ?? null;
        }
        $from = $alike[
            "$row->cost_minor|$row->first_minor|$row->further_minor|$row->rrp_minor|$row->grams|$row->connection_id|$code|$row->rate|$row->methods|".
                ($row->home_minor ?? '').
                '|'.
                $written
        ] ??= $this->facts($row, $currency, $held, $exchange, $written);

        return new VariantFacts(
            (int) $row->id,
            $from,
            $row->own_price_minor === null || $this->market !== $this->stall->home_market
                ? null
                : $this->stall->money((int) $row->own_price_minor),
            $this->shownBy($row),
            (string) $row->step,
        );
    }

    private function facts(
        stdClass $row,
        Currency $currency,
        Rates $held,
        ExchangeRate $exchange,
        ?string $recipe,
    ): RecipeFacts {
        $dearer = $this->sheet->dearer((int) $row->connection_id);
        $unit = new Money(
            $dearer === 0 ? (int) $row->cost_minor : Rounding::halfUp((int) $row->cost_minor, 10_000 + $dearer, 10_000),
            $currency,
        );

        return new RecipeFacts(
            $row->first_minor === null
                ? null
                : new Cost(
                    $unit,
                    new Money((int) $row->first_minor, $currency),
                    new Money((int) ($row->further_minor ?? $row->first_minor), $currency),
                    $this->duty,
                    $this->sheet->parcelOf((int) $row->connection_id),
                ),
            new PricedGoods(
                (int) $row->connection_id,
                (string) $row->own_type,
                $this->list((string) $row->own_tags),
                $exchange->convert($unit)->minor,
                (int) $row->grams,
                $this->market,
                $row->methods === null ? [] : $this->list((string) $row->methods),
            ),
            $held,
            $row->rrp_minor === null
                ? null
                : $this->rrp($currency->code)->convert(new Money((int) $row->rrp_minor, $currency)),
            $this->recipe($recipe),
            $this->converts && $row->home_minor !== null ? $this->stall->money((int) $row->home_minor) : null,
        );
    }

    /** @return array{string, Rates, ExchangeRate} the rate a price stands on, and what converts by it */
    private function stand(?string $frozen, string $code, Currency $currency): array
    {
        $rate = $this->hold($frozen, $code, $this->sheet->rateOf($code));
        $held = $this->sheet->held($code, $rate);

        return [$rate, $held, $held->from($currency)];
    }

    /** The rate a price stands on: the one it was made at while the day's hasn't moved too far. */
    private function hold(?string $frozen, string $currency, string $today): string
    {
        return $this->held[$frozen.'|'.$currency] ??= FrozenRate::hold($frozen, $today, $this->sheet->tolerance());
    }

    private function shownBy(stdClass $row): ?ExchangeRate
    {
        if ($this->shownToday === null) {
            return null;
        }
        $row->price_rate = $this->hold($row->price_rate, 'shown', $this->shownToday);

        return $this->rates[$row->price_rate] ??= $this->sheet->shownBy($this->market, $row->price_rate);
    }

    /** A recommended price is converted without a cushion: it is what shoppers compare with. */
    private function rrp(string $code): ExchangeRate
    {
        return $this->rates['rrp '.$code] ??= ExchangeRate::of(
            $this->currencies[$code],
            $this->stall->currencyValue(),
            $this->sheet->rateOf($code),
            0,
            '',
        );
    }

    private function recipe(?string $written): ?Recipe
    {
        return $written === null
            ? null
            : ($this->recipes[$written] ??= Recipes::stored($written, $this->stall->currencyValue()));
    }

    /** @return list<string> */
    private function list(string $json): array
    {
        return $this->lists[$json] ??= array_values((array) json_decode($json, true));
    }
}
