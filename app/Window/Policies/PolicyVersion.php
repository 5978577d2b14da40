<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;

/**
 * What a policy said from some day on; never changed, so that an order can be held to what it was bought under.
 *
 * @property int $id
 * @property int $stall_id
 * @property PolicyKind $kind
 * @property int $number counts the versions of its kind
 * @property array<string, string> $words clause by clause, at home in the seller's language
 * @property array<string, array<string, string>> $words_there the same in each other market and language of the shop, "IE en"
 * @property Carbon $published_at
 */
final class PolicyVersion extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PolicyKind::class, 'words' => 'array', 'words_there' => 'array', 'published_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /**
     * As it stands in a market, in the language it is read in there; where it wasn't published in that, as it is at home.
     *
     * @return array<string, string>
     */
    public function read(Stall $stall): array
    {
        $seen = $stall->seen();
        $words = $this->words_there[self::there($seen)] ?? $this->words;
        $besides = $words['besides'] ?? '';

        return $besides === '' ? $words : ['besides' => $stall->phrases()->say($besides)] + $words;
    }

    public static function there(ShopMarket $market): string
    {
        return $market->country.' '.$market->language;
    }

    /** @return array<string, self> what counts now, by kind */
    public static function now(Stall $stall): array
    {
        $now = [];
        foreach (self::of($stall)->orderBy('number')->get() as $version) {
            $now[$version->kind->value] = $version;
        }

        return $now;
    }
}
