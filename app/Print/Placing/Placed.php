<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Artwork laid on a blank, as it is kept; each change is a revision.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $supplier_item_id the blank
 * @property int|null $made_item_id the goods that were made of it
 * @property string $name
 * @property array<string, mixed> $laid
 * @property array<string, array{left: int, top: int, width: int, height: int}> $areas of the blank, as they were when it was laid
 * @property array{low: int, upTo: string, high: int}|null $prices minor units of the stall's; null for the recipe's
 * @property list<string> $scenes that its pictures are made in, the first first
 * @property int $revision
 * @property int|null $made_revision
 * @property string|null $kept_as
 * @property string $refusal what the print house said of it last
 * @property \Illuminate\Support\Carbon|null $updated_at
 */
final class Placed extends Model
{
    protected $table = 'placings';

    /** @var array<string, string> */
    protected $casts = ['laid' => 'array', 'areas' => 'array', 'prices' => 'array', 'scenes' => 'array'];

    /** @var array<string, mixed> as the table has them */
    protected $attributes = ['revision' => 1, 'refusal' => ''];

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<SupplierItem, $this> */
    public function blankItem(): BelongsTo
    {
        return $this->belongsTo(SupplierItem::class, 'supplier_item_id');
    }

    /** @return BelongsTo<SupplierItem, $this> */
    public function made(): BelongsTo
    {
        return $this->belongsTo(SupplierItem::class, 'made_item_id');
    }

    /** The blank as the print house says it now. */
    public function said(): Item
    {
        return $this->blankItem?->words?->item() ?? throw new Refusal('The print house doesn’t say anything of this blank any more.');
    }

    public function blank(): Blank
    {
        return $this->said()->blank ?? throw new Refusal('Nothing can be printed on this any more.');
    }

    /** What lies there, on what the blank still has. */
    public function placing(): Placing
    {
        return Placing::read($this->laid, $this->blank());
    }

    /** How it lay at a revision. */
    public function placingAt(int $revision, ?Blank $blank = null): Placing
    {
        $laid = DB::table('placing_revisions')->where('placing_id', $this->id)->where('revision', $revision)->value('laid');

        return Placing::read((array) json_decode((string) $laid, true), $blank ?? $this->blank());
    }
}
