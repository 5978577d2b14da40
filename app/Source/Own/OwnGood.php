<?php

declare(strict_types=1);

namespace WindowStall\Source\Own;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Core\Giving\Appointment;
use WindowStall\Core\Giving\DownloadTerms;
use WindowStall\Core\Giving\OwnItem;
use WindowStall\Core\Source\Giving;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/**
 * Goods of a stall's own of which nothing is posted.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $connection_id
 * @property Giving $giving
 * @property string $name
 * @property int $cost_minor of one piece, in the stall's currency
 * @property string|null $file where it lies in storage; null until one was sent
 * @property string|null $file_name as its shopper gets it
 * @property int|null $file_bytes
 * @property Carbon|null $file_at when it was sent
 * @property int $days for which it can be fetched
 * @property int $times it can be, for each piece
 * @property list<int> $amounts of a gift card, minor units
 * @property list<array{at: string, places: int}> $appointments as {@see Appointment} reads them
 */
final class OwnGood extends Model
{
    private const PREFIX = 'own-';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['giving' => Giving::class, 'appointments' => 'array', 'amounts' => 'array', 'file_at' => 'datetime'];
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** As a supplier would say it. */
    public function item(): Item
    {
        $stall = $this->stall ?? throw new \LogicException('Goods are always of a stall.');

        return OwnItem::of(
            self::PREFIX.$this->id,
            $this->giving,
            $this->name,
            $stall->country,
            $stall->money($this->cost_minor),
            $this->times(),
            $this->amounts,
        );
    }

    /** @return list<Appointment> */
    public function times(): array
    {
        return Appointment::list($this->appointments);
    }

    public function terms(): DownloadTerms
    {
        return new DownloadTerms($this->days, $this->times);
    }

    /** Whose an item is; null where it is a supplier's. */
    public static function ofItem(SupplierItem $item): ?self
    {
        $id = self::idOf($item->external_id);

        return $id === null ? null : self::query()->where('connection_id', $item->connection_id)->with('stall')->find($id);
    }

    /** The number in that of an item, or of a variant. */
    public static function idOf(string $external): ?int
    {
        return preg_match('/^'.self::PREFIX.'(\d{1,18})(\/|$)/D', $external, $m) === 1 ? (int) $m[1] : null;
    }
}
