<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Database\Eloquent\Model;

/**
 * A country a stall sells to, with what sales there bear. The home market's tax, delivery and currency are the stall's
 * own.
 *
 * @property int $stall_id
 * @property string $market ISO 3166 country
 * @property string $prices 'conversion' of the home market's, or 'own' costs
 * @property string|null $currency
 * @property array{part: string, every?: string, direction: string}|null $ending what prices by conversion end in
 * @property int $duty_bp
 * @property string $duty_on
 * @property int|null $tax_bp
 * @property bool $tax_on_top
 * @property string $delivery_tax {@see \WindowStall\Core\Tax\DeliveryTax}
 * @property string $tax_rounding {@see \WindowStall\Core\Tax\TaxRounding}
 * @property bool $reverse_charge businesses registered there buy without tax
 * @property int|null $tax_threshold_minor sales of a year from which on tax is owed there, in the market's currency
 * @property int|null $charged_minor what shoppers there pay for delivery, in the market's currency
 */
final class Market extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ending' => 'array', 'tax_on_top' => 'boolean', 'reverse_charge' => 'boolean'];
    }
}
