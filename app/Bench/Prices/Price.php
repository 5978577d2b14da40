<?php

declare(strict_types=1);

namespace WindowStall\Bench\Prices;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use WindowStall\Core\Bench\MayBeSold;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\PricedBy;

/**
 * A variant's price in a market, with what one sale costs and keeps; made by Pricing, never written by
 * hand. Amounts in the stall's currency, but the one that is shown.
 *
 * @property int $listing_variant_id
 * @property int $stall_id
 * @property string $market
 * @property string $currency of the market, and of what is shown there
 * @property int|null $shown_minor
 * @property int|null $price_minor
 * @property int|null $recipe_minor what the recipe makes, whoever prices it
 * @property int|null $goods_minor
 * @property int|null $delivery_minor
 * @property int|null $duty_minor
 * @property int|null $handling_minor
 * @property int|null $landed_minor
 * @property int|null $keep_minor
 * @property int|null $margin_bp
 * @property int|null $above_floor_minor what is kept above what the floor asks
 * @property bool $floor_over_cap
 * @property PricedBy $priced_by
 * @property int|null $recipe_id
 * @property string|null $rate
 * @property Carbon|null $since
 */
final class Price extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['priced_by' => PricedBy::class, 'floor_over_cap' => 'boolean', 'since' => 'datetime'];
    }

    /** As the market shows it. */
    public function shown(): ?Money
    {
        return $this->shown_minor === null ? null : new Money($this->shown_minor, Currency::of($this->currency));
    }

    /** What one piece costs there, in the stall's currency; null where it isn't delivered. */
    public function landed(Currency $currency): ?Landed
    {
        $money = static fn (?int $minor): Money => new Money((int) $minor, $currency);

        return $this->goods_minor === null || $this->delivery_minor === null
            ? null
            : Landed::of(
                $money($this->goods_minor),
                $money($this->delivery_minor),
                $money($this->duty_minor),
                $money($this->handling_minor),
            );
    }

    public function underFloor(): bool
    {
        return MayBeSold::isUnderFloor($this->above_floor_minor, $this->keep_minor);
    }
}
