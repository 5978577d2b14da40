<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Brick\Math\BigDecimal;
use Illuminate\Database\Eloquent\Model;

/**
 * What one whole unit of a currency costs the stall, and since which day.
 *
 * @property int $id
 * @property string $from
 * @property string $rate
 * @property bool $typed by the seller
 * @property int $cushion_bp
 * @property string $day
 */
final class StallRate extends Model
{
    public $timestamps = false;

    protected $table = 'exchange_rates';

    /**
     * Whether this is the rate that stands, however it is written.
     *
     * @param  string  $rate  a decimal number
     */
    public function stands(string $rate): bool
    {
        return BigDecimal::of($rate)->isEqualTo($this->rate);
    }
}
