<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Runs\Run;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\GoodsToBe;

/**
 * A first shop laid out from one sentence: which goods were taken for it, and the shelves they would stand on.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $run_id
 * @property int|null $picture_id one of the stall's own, for the hero
 * @property string $name as it stands above the shop
 * @property string $sentence what it sells
 * @property list<string> $colours the brand's, as "#rrggbb"
 * @property list<array{
 *     item: int, listing: int|null, price: int, keep: int, days: int, rating: int|null, category: string,
 * }> $goods the best first; price and keep in minor units, rating in tenths
 * @property array<int, list<int>> $shelves shelf → listings on it
 * @property list<int> $left_out listings the seller doesn't want
 * @property int|null $shown_as the way that was agreed to
 * @property Carbon|null $shown_at
 */
final class FirstShop extends Model
{
    /** @var array<string, mixed> as the table has them */
    protected $attributes = ['colours' => '[]', 'goods' => '[]', 'shelves' => '[]', 'left_out' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'colours' => 'array',
            'goods' => 'array',
            'shelves' => 'array',
            'left_out' => 'array',
            'shown_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** The one in hand: the latest. */
    public static function latest(Stall $stall): ?self
    {
        return self::of($stall)->latest('id')->first();
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    /** @return list<int> listings taken for it, the best first */
    public function listings(): array
    {
        return array_values(array_filter(array_column($this->goods, 'listing'), is_int(...)));
    }

    /** @return list<int> listings taken for earlier attempts that nobody agreed to: laid out anew, they may be chosen again */
    public function takenBefore(Stall $stall): array
    {
        $earlier = self::of($stall)->whereKeyNot($this->id)->whereNull('shown_at')->get();

        return array_values(array_unique(array_merge(...$earlier->map(static fn (self $one): array => $one->listings())->all())));
    }

    /** @return list<int> the same without those the seller doesn't want */
    public function wanted(): array
    {
        return array_values(array_diff($this->listings(), $this->left_out));
    }

    /** As the shop would have them. */
    public function toBe(): GoodsToBe
    {
        $wanted = $this->wanted();
        $shelves = array_map(
            static fn (array $on): array => array_values(array_intersect($on, $wanted)),
            $this->shelves,
        );

        return new GoodsToBe($wanted, array_filter($shelves, static fn (array $on): bool => $on !== []));
    }

    public function laid(): bool
    {
        return $this->run !== null && ! $this->run->state->open() && $this->listings() !== [];
    }
}
