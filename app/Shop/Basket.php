<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Bench\VariantFigures;
use WindowStall\Stall\Stall;

/**
 * What a shopper means to buy. Its id is known only to their browser.
 *
 * @property string $id
 * @property int $stall_id
 */
final class Basket extends Model
{
    public const COOKIE = 'basket';

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return HasMany<BasketRow, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(BasketRow::class)->orderBy('id');
    }

    public static function find(Request $request, Stall $stall): ?self
    {
        $id = $request->cookies->get(self::COOKIE);

        return is_string($id) && Str::isUuid($id) ? self::query()->where('stall_id', $stall->id)->find($id) : null;
    }

    public static function start(Stall $stall): self
    {
        return self::query()->create(['id' => (string) Str::uuid(), 'stall_id' => $stall->id]);
    }

    /** Notes what one of its goods was when the shopper chose it; what is otherwise later is said. */
    public function chosen(VariantFigures $variant): void
    {
        $this->lines()->where('listing_variant_id', $variant->row->id)->update([
            'seen_minor' => $variant->price?->minor,
            'seen_days' => $variant->days?->words(),
        ]);
    }

    /**
     * Puts pieces of a variant in, up to a number in all. In one statement, so that of two presses at once none is
     * lost.
     *
     * @param  int  $most  pieces there may be of it
     */
    public function put(int $variant, int $quantity, int $most): void
    {
        DB::statement(
            <<<'SQL'
                INSERT INTO basket_lines AS line (stall_id, basket_id, listing_variant_id, quantity)
                VALUES (?, ?, ?, least(?::int, ?::int))
                ON CONFLICT (basket_id, listing_variant_id) DO UPDATE SET quantity = least(?::int, line.quantity + excluded.quantity)
                SQL
            ,
            [$this->stall_id, $this->id, $variant, $quantity, $most, $most],
        );
        // One that nobody uses any more is thrown away in time (config/kept.php).
        $this->touch();
    }
}
