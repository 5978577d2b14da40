<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxRate;
use WindowStall\Stall\Stall;

/**
 * A rate of tax that a stall goes by besides the standard one of each market.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $country ISO 3166-1
 * @property list<string> $parts ISO 3166-2; none for the whole country
 * @property string|null $postcodes as they are typed
 * @property TaxClass $class
 * @property int $rate_millionths
 * @property string $from_day YYYY-MM-DD
 * @property string $source
 * @property bool $turned whether prices have been made with it
 */
final class StallTaxRate extends Model
{
    public $timestamps = false;

    protected $table = 'tax_rates';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parts' => 'array', 'class' => TaxClass::class, 'turned' => 'boolean'];
    }

    /** Whether it is the rate of a whole country for most goods: from its day on it is the market's own, on the cost sheet. */
    public function isMarkets(): bool
    {
        return $this->class === TaxClass::Standard && $this->parts === [] && $this->postcodes === null;
    }

    /**
     * Makes it the standard rate of its market, where that is one; it isn't needed besides then.
     *
     * @return bool whether it was
     */
    public function becomeMarkets(Stall $stall): bool
    {
        $bp = intdiv($this->rate_millionths, 100);
        if ($this->country === $stall->home_market) {
            $stall->update(['vat_bp' => $bp]);
        } elseif ($stall->marketRows()->where('market', $this->country)->update(['tax_bp' => $bp]) === 0) {
            return false;
        }
        if ($this->exists) {
            $this->delete();
        }

        return true;
    }

    public function core(): TaxRate
    {
        return new TaxRate(
            new Territory($this->country, $this->parts, $this->postcodes === null ? null : Postcodes::read($this->postcodes)),
            $this->class,
            new Rate($this->rate_millionths),
            $this->from_day,
            $this->source,
        );
    }
}
