<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\Across;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;

/** The seller's own word on a listing: saying something holds the field, taking it back lets it follow again. */
final readonly class EditListing
{
    public const MOST_TITLE = 300;

    public function __construct(private ProjectListings $project, private RichText $richText)
    {
    }

    public function title(Stall $stall, Listing $listing, ?string $title): void
    {
        if ($title !== null && mb_strlen($title) > self::MOST_TITLE) {
            throw new Refusal(
                sprintf('The title has %d letters; %d is the most.', mb_strlen($title), self::MOST_TITLE),
            );
        }
        $this->store(
            $stall,
            $listing,
            $this->touched($listing, 'title') + [
                'own_title' => $title === null ? null : trim(preg_replace('/\s+/u', ' ', $title) ?? ''),
            ],
        );
    }

    public function words(Stall $stall, Listing $listing, ?string $html): void
    {
        if ($html !== null && mb_strlen(RichText::plain($html)) > RichText::MOST_LETTERS) {
            throw new Refusal(
                sprintf(
                    'The description is longer than %s letters. Shorten it.',
                    number_format(RichText::MOST_LETTERS),
                ),
            );
        }
        $this->store(
            $stall,
            $listing,
            $this->touched($listing, 'words') + ['own_words' => $html === null ? null : $this->richText->clean($html)],
        );
    }

    /** @param  list<int>|null  $ids pictures of this listing, in the order to be shown */
    public function pictures(Stall $stall, Listing $listing, ?array $ids): void
    {
        $ids = $ids === null ? null : array_values(array_unique($ids));
        if ($ids !== null && $listing->pictures()->whereKey($ids)->count() !== count($ids)) {
            throw new Refusal('One of these pictures doesn’t belong to this listing. Load the page again.');
        }
        $this->store($stall, $listing, ['own_pictures' => $ids]);
    }

    /**
     * @param  array<string, array{as: string, values: array<string, string>}>  $names for the supplier's options; empty
     *     texts follow
     */
    public function names(Stall $stall, Listing $listing, array $names): void
    {
        $this->store($stall, $listing, ['own_names' => OptionNames::tidy($names)]);
    }

    /** What search engines show; null follows the title and the description. */
    public function search(Stall $stall, Listing $listing, ?string $title, ?string $words): void
    {
        if (mb_strlen((string) $title) > 120 || mb_strlen((string) $words) > 320) {
            throw new Refusal(
                'A search title has up to 120 letters, a search description up to 320; search engines show fewer.',
            );
        }
        $this->store(
            $stall,
            $listing,
            $this->touched($listing, 'search') + [
                'own_search_title' => self::line($title),
                'own_search_words' => self::line($words),
            ],
        );
    }

    /** @param  array<string, mixed>  $order type, tags, maker, notes: for the seller's own order; those given */
    public function order(Stall $stall, Listing $listing, array $order): void
    {
        $this->store($stall, $listing, BatchEdit::columns($order));
    }

    /** @param  list<string>  $options  the supplier's names, as they are to stand */
    public function optionOrder(Stall $stall, Listing $listing, array $options): void
    {
        $this->store($stall, $listing, ['own_option_order' => array_values(array_unique($options))]);
    }

    /**
     * Variants stand in the order of an option's values; among those of one value the order stays.
     *
     * @param  list<string>  $values  the supplier's, as they are to stand; those left out come last
     */
    public function valueOrder(Stall $stall, Listing $listing, string $option, array $values): void
    {
        $rank = array_flip($values);
        $at = [];
        foreach (ListingFigures::of($stall, $listing)->variants as $variant) {
            $at[$variant->row->id] = $rank[$variant->said->options[$option] ?? ''] ?? count($rank);
        }
        asort($at);
        DB::transaction(function () use ($stall, $listing, $at): void {
            foreach (array_keys($at) as $position => $id) {
                $listing
                    ->variants()
                    ->whereKey($id)
                    ->update(['position' => $position]);
            }
            $this->store($stall, $listing, []);
        });
    }

    /** @param  array<mixed>|null  $recipe its own, as the form has it; null takes the stall's */
    public function recipe(Stall $stall, Listing $listing, ?array $recipe): void
    {
        $this->store($stall, $listing, [
            'own_recipe' => $recipe === null ? null : RecipeFormView::written($recipe, $stall->currencyValue()),
        ]);
    }

    /**
     * @param  array{across: string, option?: string, groups?: list<list<string>>}|null  $across how its variants'
     *     prices go together; null: each its own
     */
    public function across(Stall $stall, Listing $listing, ?array $across): void
    {
        $this->store($stall, $listing, [
            'own_across' => $across === null || $across['across'] === Across::Each->value ? null : $across,
        ]);
    }

    /** @param  list<int>  $variantIds  sold under their floor from now on, or not; the keeper's word */
    public function underFloor(Stall $stall, Listing $listing, array $variantIds, bool $knowingly): void
    {
        DB::transaction(function () use ($stall, $listing, $variantIds, $knowingly): void {
            $listing
                ->variants()
                ->whereKey($variantIds)
                ->update(['own_under_floor' => $knowingly]);
            $this->store($stall, $listing, []);
        });
    }

    /** @param  list<int>  $variantIds */
    public function switch(Stall $stall, Listing $listing, array $variantIds, bool $on): void
    {
        DB::transaction(function () use ($stall, $listing, $variantIds, $on): void {
            $listing
                ->variants()
                ->whereKey($variantIds)
                ->update(['own_on' => $on]);
            $this->store($stall, $listing, []);
        });
    }

    /** @param  Money|null  $price null lets the recipe price it again */
    public function price(Stall $stall, Listing $listing, ListingVariant $variant, ?Money $price): void
    {
        if ($price !== null && $price->isNegative()) {
            throw new Refusal('A price can’t be below nothing.');
        }
        DB::transaction(function () use ($stall, $listing, $variant, $price): void {
            $variant->update(['own_price_minor' => $price?->minor]);
            $this->store($stall, $listing, []);
        });
    }

    /** @return array<string, mixed> what the seller writes into is a draft no more */
    private function touched(Listing $listing, string $field): array
    {
        return ['drafts' => array_values(array_diff($listing->drafts, [$field]))];
    }

    private static function line(?string $text): ?string
    {
        $text = trim(preg_replace('/\s+/u', ' ', (string) $text) ?? '');

        return $text === '' ? null : $text;
    }

    /** @param  array<string, mixed>  $own */
    private function store(Stall $stall, Listing $listing, array $own): void
    {
        DB::transaction(function () use ($stall, $listing, $own): void {
            $listing->update($own);
            Listing::query()->whereKey($listing->id)->increment('version');
            ($this->project)($stall, [$listing->id]);
        });
        if ($listing->state === ListingState::InWindow) {
            $stall->bumpShop();
        }
    }
}
