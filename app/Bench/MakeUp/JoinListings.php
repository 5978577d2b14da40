<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\ProjectListings;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Joins several listings into one: their variants come together under it, told apart by an option the seller names. */
final readonly class JoinListings
{
    private const MOST_VARIANTS = 500;

    private const BRING_VARIANTS = <<<'SQL'
        UPDATE listing_variants AS variant
        SET listing_id = said.listing_id, own_options = said.own_options, position = said.position
        FROM json_populate_recordset(NULL::listing_variants, :said) AS said
        WHERE said.id = variant.id
          AND variant.stall_id = :stall
        SQL;

    public function __construct(private ProjectListings $project)
    {
    }

    /**
     * @param  Collection<int, Listing>  $listings  the first keeps its words and pictures
     * @param  string  $option  what tells them apart: "Kind"
     * @param  array<int, string>  $values  listing → its value of that option
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, Collection $listings, string $option, array $values): Listing
    {
        $first = $listings->first() ?? throw new Refusal('Choose the listings to join.');
        $option = trim($option);
        $values = $listings->mapWithKeys(static fn (Listing $l): array => [$l->id => trim($values[$l->id] ?? '')])->all();
        self::refuseUnlessToldApart($option, $values);
        self::refuseSoManyVariants($listings);

        return DB::transaction(function () use ($stall, $listings, $first, $option, $values): Listing {
            $others = $listings->where('id', '!=', $first->id);
            self::bringVariants($stall, $first, $listings, $option, $values);
            self::bringItems($first, $others);
            self::bringPictures($first, $others);
            $first->update(['own_names' => self::names($listings)]);
            Listing::of($stall)->whereKey($others->modelKeys())->delete();
            ($this->project)($stall, [$first->id]);

            return $first->refresh();
        });
    }

    /** @param  array<int, string>  $values */
    private static function refuseUnlessToldApart(string $option, array $values): void
    {
        if (count($values) < 2) {
            throw new Refusal('Choose at least two listings to join.');
        }
        if ($option === '' || in_array('', $values, true) || count(array_unique($values)) !== count($values)) {
            throw new Refusal('Say what tells them apart: a name for the option, and another value for each.');
        }
    }

    /** @param  Collection<int, Listing>  $listings */
    private static function refuseSoManyVariants(Collection $listings): void
    {
        if (ListingVariant::query()->whereIn('listing_id', $listings->modelKeys())->count() > self::MOST_VARIANTS) {
            throw new Refusal(
                sprintf(
                    'Together they have more than %d variants; no shopper can choose among so many.',
                    self::MOST_VARIANTS,
                ),
            );
        }
    }

    /**
     * @param  Collection<int, Listing>  $listings
     * @param  array<int, string>  $values
     */
    private static function bringVariants(
        Stall $stall,
        Listing $first,
        Collection $listings,
        string $option,
        array $values,
    ): void {
        $of = ListingVariant::query()
            ->whereIn('listing_id', $listings->modelKeys())
            ->orderBy('position')
            ->orderBy('id')
            ->get()
            ->groupBy('listing_id');
        $rows = [];
        foreach ($listings as $listing) {
            foreach ($of[$listing->id] ?? [] as $variant) {
                $rows[] = [
                    'id' => $variant->id,
                    'listing_id' => $first->id,
                    'own_options' => [$option => $values[$listing->id]] + ($variant->own_options ?? []),
                    'position' => count($rows),
                ];
            }
        }
        DB::update(self::BRING_VARIANTS, ['said' => json_encode($rows, JSON_THROW_ON_ERROR), 'stall' => $stall->id]);
    }

    /**
     * The items that the others were made of, so that all of them are followed.
     *
     * @param  Collection<int, Listing>  $others
     */
    private static function bringItems(Listing $first, Collection $others): void
    {
        $own = $others->map(static fn (Listing $l): array => $l->only(['supplier_item_id', 'agreed_words_id']));
        $joined = ListingItem::query()
            ->whereIn('listing_id', $others->modelKeys())
            ->orderBy('id')
            ->get()
            ->map(static fn (ListingItem $i): array => $i->only(['supplier_item_id', 'agreed_words_id']));
        $items = $own
            ->toBase()
            ->concat($joined)
            ->where('supplier_item_id', '!=', $first->supplier_item_id)
            ->map(static fn (array $item): array => ['listing_id' => $first->id] + $item);
        ListingItem::query()->insertOrIgnore(array_values($items->all()));
    }

    /**
     * Copies of the others' pictures; one that comes from the same address is here already.
     *
     * @param  Collection<int, Listing>  $others
     */
    private static function bringPictures(Listing $first, Collection $others): void
    {
        $here = $first->pictures()->whereNotNull('source')->pluck('source')->flip();
        $rows = [];
        foreach (Picture::query()->whereIn('listing_id', $others->modelKeys())->orderBy('id')->get() as $picture) {
            if ($picture->source !== null && $here->has($picture->source)) {
                continue;
            }
            $here->put((string) $picture->source, 0);
            $rows[] = array_diff_key($picture->getAttributes(), ['id' => 0]);
        }
        $now = ['listing_id' => $first->id, 'created_at' => now(), 'updated_at' => now()];
        Picture::query()->insert(array_map(static fn (array $row): array => $now + $row, $rows));
    }

    /**
     * Where several name the same option, the first listing's name holds.
     *
     * @param  Collection<int, Listing>  $listings
     * @return array<string, mixed>|null
     */
    private static function names(Collection $listings): ?array
    {
        $names = array_merge(
            ...array_map(static fn (Listing $l): array => $l->own_names ?? [], $listings->reverse()->values()->all()),
        );

        return $names === [] ? null : $names;
    }
}
