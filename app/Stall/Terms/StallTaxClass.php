<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Core\Tax\TaxClass;

/**
 * Goods that aren't taxed at the standard rate: those of a type, or of one listing.
 *
 * @property int $stall_id
 * @property string $by 'type' or 'listing'
 * @property string $value what they are, or the listing's number
 * @property TaxClass $class
 */
final class StallTaxClass extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    protected $table = 'tax_classes';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['class' => TaxClass::class];
    }
}
