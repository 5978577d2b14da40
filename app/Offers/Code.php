<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Basket\Codes\AmountOff;
use WindowStall\Core\Basket\Codes\CodeNotation;
use WindowStall\Core\Basket\Codes\Reduction;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Offers\Events\SetsMoved;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/**
 * Something taken off at the till: for whoever types it, for many who each have a code of their own, or by itself. Whether
 * it runs follows from its dates and limits.
 *
 * @phpstan-import-type WrittenReduction from CodeNotation
 *
 * @property int $id
 * @property int $stall_id
 * @property string|null $code in capitals; null where it counts by itself or has single codes
 * @property bool $singles whether it is typed by one of many codes for one use each
 * @property WrittenReduction $reduction
 * @property array{by: string, values?: list<string|int>} $holds all, tags, shelves or goods (listings)
 * @property list<string> $countries ISO 3166-1; none for all
 * @property Carbon|null $starts_at
 * @property Carbon|null $ends_at
 * @property int|null $most_uses
 * @property int|null $most_each
 * @property int|null $least_minor
 * @property bool $for_sign_ups whether each new sign-up gets one of its codes
 * @property bool $first_only
 * @property bool $together
 * @property bool $under_floor whether it may bring goods under their floor
 * @property Carbon|null $created_at
 */
final class Code extends Model
{
    public const KINDS = ['all', 'tags', 'shelves', 'goods'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'singles' => 'boolean',
            'reduction' => 'array',
            'holds' => 'array',
            'countries' => 'array',
            'starts_at' => 'datetime',
            'ends_at' => 'datetime',
            'for_sign_ups' => 'boolean',
            'first_only' => 'boolean',
            'together' => 'boolean',
            'under_floor' => 'boolean',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    protected static function booted(): void
    {
        // A page may count down to its end.
        $stale = static function (Code $code): void {
            if (! $code->exists || $code->wasChanged(['ends_at', 'starts_at', 'code'])) {
                StalePages::frame(Stall::query()->findOrFail($code->stall_id));
            }
        };
        self::updated($stale);
        self::deleted($stale);
        // Its goods show a set.
        $shown = static function (Code $code): void {
            $goods = array_merge(
                ...array_map(static fn (mixed $said): array => self::goodsOfSet($said), [$code->reduction, $code->getOriginal('reduction')]),
            );
            if ($goods !== []) {
                $stall = Stall::query()->findOrFail($code->stall_id);
                StalePages::goods($stall, array_values(Listing::of($stall)->whereKey($goods)->pluck('slug')->map(strval(...))->all()));
                event(new SetsMoved($stall));
            }
        };
        self::saved($shown);
        self::deleted($shown);
    }

    /** @return list<int> listings; none where it is no set */
    private static function goodsOfSet(mixed $reduction): array
    {
        $goods = is_array($reduction) && ($reduction['by'] ?? null) === 'set' ? $reduction['goods'] : [];

        return array_values(array_map(intval(...), (array) $goods));
    }

    /**
     * Sets that everybody gets.
     *
     * @return HasMany<self, Stall>
     */
    public static function sets(Stall $stall): HasMany
    {
        return self::of($stall)->where('singles', false)->whereNull('code')->where('reduction->by', 'set');
    }

    /** When a set begins or ends next; null where none does. */
    public static function turns(Stall $stall): ?Carbon
    {
        $turns = self::sets($stall)->get()
            ->flatMap(static fn (Code $code): array => [$code->starts_at, $code->ends_at])
            ->filter(static fn (?Carbon $turn): bool => $turn?->isFuture() === true);

        return $turns->min();
    }

    /** What is called so, be it running or not. */
    public static function called(Stall $stall, string $typed): ?self
    {
        $single = DB::table('single_codes')->where('stall_id', $stall->id)->where('code', $typed)->value('code_id');

        return self::of($stall)
            ->where(static fn ($q) => $q->where('code', $typed)->orWhere('id', $single ?? 0))
            ->first();
    }

    public static function isKnown(Stall $stall, string $typed): bool
    {
        return self::called($stall, $typed) !== null;
    }

    /** What it takes off, amounts as the market shows them that the stall is seen from. */
    public function off(Stall $stall): Reduction
    {
        $off = CodeNotation::read(new Fields(['off' => $this->reduction]), 'off', $stall->currencyValue());

        return match (true) {
            $off instanceof AmountOff => new AmountOff($stall->seen()->show($off->amount)),
            $off instanceof SetPrice => new SetPrice($stall->seen()->show($off->price), $off->goods),
            default => $off,
        };
    }

    public function byItself(): bool
    {
        return $this->code === null && ! $this->singles;
    }

    public function runsAt(Carbon $moment): bool
    {
        return ($this->starts_at === null || $this->starts_at <= $moment)
            && ($this->ends_at === null || $this->ends_at > $moment);
    }
}
