<?php

declare(strict_types=1);

namespace WindowStall\Counter\Papers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * An invoice or a credit note, as it was written; it never changes.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $order_id
 * @property int|null $refund_id what it credits
 * @property PaperKind $kind
 * @property int $year by the stall's clock
 * @property int $number counts without a gap
 * @property array<string, mixed> $said {@see WritePaper}
 * @property Carbon $issued_at
 */
final class OrderPaper extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PaperKind::class, 'said' => 'array', 'issued_at' => 'datetime'];
    }

    public function name(): string
    {
        return $this->kind->numbered($this->year, $this->number);
    }
}
