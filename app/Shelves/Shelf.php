<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Shelves\Rule;
use WindowStall\Core\Shelves\RuleNotation;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Stall\Stall;

/**
 * A group of goods in the shop: picked by hand, or by a rule, with exceptions.
 *
 * @phpstan-import-type WrittenRule from RuleNotation
 *
 * @property int $id
 * @property int $stall_id
 * @property string $name
 * @property string $slug
 * @property bool $ruled
 * @property WrittenRule|null $rule as it is written
 * @property bool $moves whether goods come and go by the calendar alone
 * @property ShelfOrder $standing
 * @property string $words what stands above the goods
 * @property string|null $search_title
 * @property string|null $search_words
 * @property int|null $cover_id the listing whose picture is its cover; null takes the first's
 * @property int $version
 * @property Carbon|null $filled_at
 * @property Carbon|null $updated_at
 */
final class Shelf extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'ruled' => 'boolean',
            'rule' => 'array',
            'moves' => 'boolean',
            'standing' => ShelfOrder::class,
            'filled_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    public function readRule(Stall $stall): ?Rule
    {
        return $this->ruled && $this->rule !== null
            ? (new RuleNotation($stall->currencyValue()))->read($this->rule)
            : null;
    }

    public function address(): string
    {
        return '/shelves/'.$this->slug;
    }
}
