<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use WindowStall\Bench\MakeUp\ListingItem;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierWords;
use WindowStall\Stall\Stall;

/**
 * A supplier item that a stall has taken. own_… is only what the seller said; null follows the supplier.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $supplier_item_id
 * @property int $agreed_words_id
 * @property ListingState $state
 * @property string $slug
 * @property int $version counts what the seller said of it
 * @property string|null $own_title
 * @property string|null $own_words
 * @property Carbon|null $deleted_at
 * @property list<int>|null $own_pictures
 * @property array<string, array{as: string, values: array<string, string>}>|null $own_names the seller's names for the
 *     supplier's options and values
 * @property array<string, mixed>|null $own_recipe its own, as it is written; null takes the stall's
 * @property array{across: string, option?: string, groups?: list<list<string>>}|null $own_across how its variants'
 *     prices go together
 * @property list<array{pieces: int, kind: string, value: string, words?: string}>|null $own_ladder its multi-buy ladder
 * @property string|null $own_type
 * @property list<string> $own_tags
 * @property string|null $own_maker
 * @property bool $own_grown_up whether it is sold to grown-ups only
 * @property string|null $own_notes
 * @property string|null $own_search_title
 * @property string|null $own_search_words
 * @property list<string> $own_dropped the supplier's options that no shopper sees
 * @property list<string> $own_option_order the supplier's names of options, as they are shown
 * @property list<string> $own_meant what the seller said shoppers are to read, though it looks like a supplier's
 * @property int $wording_lacks how many things of what shoppers read keep it on the bench
 * @property array{option: string, values: list<string>}|null $own_part which part of its item this is, when it was
 *     split
 * @property array{title?: string, words?: string, pictures?: list<string>} $waiting what was agreed, as long as
 *     something else waits
 * @property array<string, mixed> $own_policies its own rules for what the supplier changes
 * @property int|null $own_kept_back pieces of its stock that aren't sold; null as the supplier's
 * @property bool $supplier_gone whether it was seen that the supplier doesn't have it any more
 * @property list<string> $drafts fields that hold a draft nobody has accepted
 * @property string $shown_title
 * @property int|null $shown_from_minor
 * @property int|null $shown_keep_minor what a piece of the variant that keeps least keeps
 * @property int $changes_count
 * @property Carbon|null $shown_since
 */
final class Listing extends Model
{
    use SoftDeletes;

    /** @var array<string, mixed> as the table has them */
    protected $attributes = [
        'own_tags' => '[]',
        'own_dropped' => '[]',
        'own_option_order' => '[]',
        'own_meant' => '[]',
        'drafts' => '[]',
        'waiting' => '{}',
        'own_policies' => '{}',
        'supplier_gone' => false,
    ];

    /** What has to be loaded before {@see ListingFigures::of()} so that many listings cost few queries. */
    public const FOR_FIGURES = [
        ...ListingWords::READ,
        'supplierItem.connection',
        'variants.sold',
        'variants.sources',
        'variants.prices',
        'pictures',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => ListingState::class,
            'own_pictures' => 'array',
            'own_names' => 'array',
            'own_tags' => 'array',
            'own_dropped' => 'array',
            'own_option_order' => 'array',
            'own_meant' => 'array',
            'own_part' => 'array',
            'own_recipe' => 'array',
            'own_across' => 'array',
            'own_ladder' => 'array',
            'drafts' => 'array',
            'waiting' => 'array',
            'own_policies' => 'array',
            'supplier_gone' => 'boolean',
            'own_grown_up' => 'boolean',
            'shown_since' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /**
     * Holds listings until the transaction ends, always in the order of their numbers and before anything that hangs on
     * them: of two who want the same, one waits for the other and neither for both.
     *
     * @param  array<int>  $ids
     * @return int how many of them the stall has
     */
    public static function lock(Stall $stall, array $ids): int
    {
        return count(self::of($stall)->whereKey($ids)->orderBy('id')->lockForUpdate()->pluck('id')->all());
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return BelongsTo<SupplierItem, $this> */
    public function supplierItem(): BelongsTo
    {
        return $this->belongsTo(SupplierItem::class);
    }

    /** @return BelongsTo<SupplierWords, $this> */
    public function agreedWords(): BelongsTo
    {
        return $this->belongsTo(SupplierWords::class, 'agreed_words_id');
    }

    /** @return HasMany<ListingVariant, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(ListingVariant::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<ListingItem, $this> */
    public function joined(): HasMany
    {
        return $this->hasMany(ListingItem::class)->orderBy('id');
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class)->orderBy('id');
    }

    /** A variant's values, said as its supplier does ("STL-01 · Fine"), as the seller calls them. */
    public function inOwnNames(string $label): string
    {
        $names = array_merge(...array_values(array_column($this->own_names ?? [], 'values')));
        $shown = static fn (string $value): string => ($names[$value] ?? '') === '' ? $value : $names[$value];

        return implode(' · ', array_map($shown, explode(' · ', $label)));
    }
}
