<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Offers\CodesAtTill;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/**
 * What a shopper means to buy. Its id is known only to their browser.
 *
 * @property string $id
 * @property int $stall_id
 * @property string|null $link by which its goods are taken along; null until its shopper wants that
 * @property string|null $country where it is to go, ISO 3166-1; null until its shopper says
 * @property string|null $part of that country, ISO 3166-2
 * @property string|null $postcode
 * @property int|null $way by which of the place's ways
 * @property list<string> $codes as they are read
 * @property list<int> $gift_cards that were typed at its checkout
 * @property int|null $joins_order_id the order in whose parcel its goods go along, at no further charge
 */
final class Basket extends Model
{
    public const COOKIE = 'basket';

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['codes' => 'array', 'gift_cards' => 'array'];
    }

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

    /** Where it is to go: as its shopper said, while something is sent there; else to the stall's own country. */
    public function destination(Stall $stall): Destination
    {
        $country = in_array($this->country, Places::countries($stall), true) ? (string) $this->country : $stall->home_market;

        return $country === $this->country
            ? new Destination($country, $this->part, $this->postcode)
            : new Destination($country);
    }

    /** Has the prices of a country from now on, where nothing of an address there is known yet. */
    public function turnTo(Stall $stall, string $country): void
    {
        if ($this->destination($stall)->country !== $country) {
            $this->sendTo(new Destination($country), null);
        }
    }

    /** Keeps where it is to go, and by which way. */
    public function sendTo(Destination $to, ?int $way): void
    {
        $this->update(['country' => $to->country, 'part' => $to->part, 'postcode' => $to->postcode, 'way' => $way]);
    }

    /** Takes a code in, besides those it has. */
    public function takeCode(string $code): void
    {
        $this->update(['codes' => array_slice(array_values(array_unique([...$this->codes ?? [], $code])), -CodesAtTill::MOST)]);
    }

    public function dropCode(string $code): void
    {
        $this->update(['codes' => array_values(array_diff($this->codes ?? [], [$code]))]);
    }

    /** Notes what one of its goods was when the shopper chose it; what is otherwise later is said. */
    public function chosen(VariantFigures $variant): void
    {
        $this->lines()->where('listing_variant_id', $variant->row->id)->update([
            'seen_minor' => $variant->shown?->minor,
            'seen_currency' => $variant->shown?->currency->code,
            'seen_days' => $variant->days?->write(),
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
