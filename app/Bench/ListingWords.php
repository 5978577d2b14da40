<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Core\Bench\Wording;
use WindowStall\Core\Facts\Fact;
use WindowStall\Core\Facts\Policy;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;

/** What a listing says, without its prices: its title, its words and the names of its options, whoever they come from. */
final readonly class ListingWords
{
    /** The relations it is read from. */
    public const READ = [
        'agreedWords',
        'supplierItem.words',
        'variants.supplierVariant',
        'joined.agreedWords',
        'joined.supplierItem.words',
    ];

    /**
     * @param  array<int, array{Item, Item}>  $items  agreed and now, by supplier item
     * @param  Fact<string>  $title
     * @param  Fact<string>  $words  HTML; the supplier's is untrusted
     */
    private function __construct(
        private Listing $listing,
        public Item $agreed,
        public Item $now,
        public array $items,
        public Fact $title,
        public Fact $words,
    ) {
    }

    /** @param  Listing  $listing with {@see self::READ} loaded, or able to load them */
    public static function of(Listing $listing): self
    {
        $listing->loadMissing(self::READ);
        $agreed = $listing->agreedWords?->item() ?? throw new \LogicException('A listing always has agreed words.');
        $agreedNow = $listing->supplierItem?->words_id === $listing->agreed_words_id;
        $now = $agreedNow ? $agreed : $listing->supplierItem?->words?->item() ?? $agreed;

        return new self(
            listing: $listing,
            agreed: $agreed,
            now: $now,
            items: self::items($listing, $agreed, $now),
            title: self::fact($listing->waiting['title'] ?? null, $now->title, $listing->own_title),
            words: self::fact($listing->waiting['words'] ?? null, $now->description, $listing->own_words),
        );
    }

    /** What its supplier says of a variant; null where it isn't offered any more and nobody agreed to it. */
    public function variant(ListingVariant $row): ?Variant
    {
        [$agreed, $now] = $this->itemsOf($row);

        return $now->variant($row->external_id) ?? $agreed->variant($row->external_id);
    }

    /** @return array{Item, Item} the item a variant came with, as agreed and as it is now */
    public function itemsOf(ListingVariant $row): array
    {
        $own = $row->supplierVariant ?? throw new \LogicException('A listing’s variant always has its supplier’s.');

        return $this->items[$own->supplier_item_id] ?? $this->items[$this->listing->supplier_item_id];
    }

    /** @return array<string, string> name → value, in the seller's words where they gave any */
    public function options(ListingVariant $row): array
    {
        return ($row->own_options ?? []) + OptionNames::apply(
            $this->listing->own_names ?? [],
            $this->variant($row)->options ?? [],
            $this->listing->own_dropped,
            $this->listing->own_option_order,
        );
    }

    /** What shoppers would read of it. */
    public function wording(Stall $stall): Wording
    {
        $options = [];
        foreach ($this->listing->variants as $row) {
            foreach ($row->own_on ? $this->options($row) : [] as $name => $value) {
                $options[$name][$value] = true;
            }
        }

        return new Wording(
            title: $this->title->shown(),
            words: RichText::lines($this->words->shown()),
            // An option with one value leaves nothing to choose, and no shopper reads it.
            options: array_map(
                static fn (array $values): array => array_map(strval(...), array_keys($values)),
                array_filter($options, static fn (array $values): bool => count($values) > 1),
            ),
            own: [$stall->name, (string) config('stall.shops_host')],
            meant: $this->listing->own_meant,
        );
    }

    /**
     * The items of a listing joined from several, its own first.
     *
     * @return array<int, array{Item, Item}>
     */
    private static function items(Listing $listing, Item $agreed, Item $now): array
    {
        $items = [$listing->supplier_item_id => [$agreed, $now]];
        foreach ($listing->joined as $joined) {
            $then = $joined->agreedWords?->item();
            if ($then !== null) {
                $items[$joined->supplier_item_id] = [$then, $joined->supplierItem?->words?->item() ?? $then];
            }
        }

        return $items;
    }

    /**
     * @param  string|null  $waiting  what was agreed, as long as what is said now waits
     * @return Fact<string>
     */
    private static function fact(?string $waiting, string $now, ?string $own): Fact
    {
        return match (true) {
            $own !== null => Fact::held($waiting ?? $now, $now, $own),
            $waiting !== null => Fact::following($waiting, $now, Policy::Ask),
            default => Fact::following($now, $now),
        };
    }
}
