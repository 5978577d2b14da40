<?php

declare(strict_types=1);

namespace WindowStall\Counter\Asking;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Money\Money;

/**
 * What a supplier offers in answer to a request, and what came of it.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $supplier_request_id
 * @property string $external_id
 * @property int $cost_minor of a piece; of a changed item what each piece costs more; in the supplier's currency
 * @property int $once_minor whatever the number
 * @property string $currency
 * @property int $pieces from how many, or how many
 * @property int $days working days until it is ready
 * @property string $words
 * @property OfferState $state
 * @property Carbon|null $wanted_at the seller has taken it then; the supplier is told
 * @property string|null $item that it became, by the supplier's code
 * @property string|null $order that it became, by the supplier's number
 * @property string $order_stands "posted with Hollin Post, HP-1234"
 * @property Carbon $at
 */
final class SupplierOffer extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => OfferState::class, 'wanted_at' => 'datetime', 'at' => 'datetime'];
    }

    /** @return BelongsTo<SupplierRequest, $this> */
    public function request(): BelongsTo
    {
        return $this->belongsTo(SupplierRequest::class, 'supplier_request_id');
    }

    public function cost(): Money
    {
        return Money::of($this->cost_minor, $this->currency);
    }

    public function once(): Money
    {
        return Money::of($this->once_minor, $this->currency);
    }
}
