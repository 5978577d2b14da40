<?php

declare(strict_types=1);

namespace WindowStall\Bench\Patch;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;

/**
 * What a seller says of one listing and its variants, all at once; what isn't named stays as it is.
 *
 * Whatever changes a listing's own words goes through one of these: the form, the grid, a file brought in, prices by
 * hand. A patch holds only what a column can hold; {@see PatchListings} holds it against the listing.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 */
final readonly class ListingPatch
{
    public const MOST_TITLE = 300;

    public const MOST_SEARCH_TITLE = 120;

    public const MOST_SEARCH_WORDS = 320;

    /** Own column → the draft that a person's own word ends. */
    public const DRAFTED = [
        'own_title' => 'title',
        'own_words' => 'words',
        'own_search_title' => 'search',
        'own_search_words' => 'search',
    ];

    /**
     * @param  array<string, mixed>  $own  the listing's columns
     * @param  array<int, array<string, mixed>>  $variants  their columns, by variant
     */
    private function __construct(public array $own, public array $variants)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /** @param  string|null  $title  empty is a word too; null follows the supplier */
    public function title(?string $title): self
    {
        if ($title !== null && mb_strlen($title) > self::MOST_TITLE) {
            throw new Refusal(
                sprintf('The title has %d letters; %d is the most.', mb_strlen($title), self::MOST_TITLE),
            );
        }

        return $this->own(['own_title' => $title === null ? null : self::line($title)]);
    }

    /** @param  string|null  $html  cleaned here; null follows the supplier */
    public function words(?string $html): self
    {
        if ($html !== null && mb_strlen(RichText::plain($html)) > RichText::MOST_LETTERS) {
            throw new Refusal(
                sprintf(
                    'The description is longer than %s letters. Shorten it.',
                    number_format(RichText::MOST_LETTERS),
                ),
            );
        }

        return $this->own(['own_words' => $html === null ? null : (new RichText())->clean($html)]);
    }

    /** @param  list<int>|null  $ids  pictures of this listing, in the order to be shown; null follows the supplier */
    public function pictures(?array $ids): self
    {
        return $this->own(['own_pictures' => $ids === null ? null : array_values(array_unique($ids))]);
    }

    /**
     * @param  array<string, array{as?: string|null, values?: array<string, string|null>}>  $names  for the supplier's
     *     options; empty texts follow
     */
    public function names(array $names): self
    {
        return $this->own(['own_names' => OptionNames::tidy($names)]);
    }

    /** @param  string|null  $title  what search engines show; empty follows the title */
    public function searchTitle(?string $title): self
    {
        return $this->own(['own_search_title' => self::search('title', (string) $title, self::MOST_SEARCH_TITLE)]);
    }

    /** @param  string|null  $words  what search engines show; empty follows the description */
    public function searchWords(?string $words): self
    {
        return $this->own([
            'own_search_words' => self::search('description', (string) $words, self::MOST_SEARCH_WORDS),
        ]);
    }

    /** @throws Refusal where there is no such column, or it is too long for it; an emptied one says nothing any more */
    public function cell(string $column, string $text): self
    {
        return $this->own(Cells::read($column, $text));
    }

    /** @param  array<string>  $tags */
    public function tags(array $tags): self
    {
        return $this->own(['own_tags' => Cells::tags($tags)]);
    }

    /** Sold to grown-ups only, or to everybody. */
    public function grownUp(bool $only): self
    {
        return $this->own(['own_grown_up' => $only]);
    }

    /** @param  list<string>  $options  the supplier's names, as they are to stand */
    public function optionOrder(array $options): self
    {
        return $this->own(['own_option_order' => array_values(array_unique($options))]);
    }

    /** @param  list<string>  $phrases  titles, sentences, names and values that shoppers are to read as they are */
    public function meant(array $phrases): self
    {
        return $this->own(['own_meant' => array_values(array_unique($phrases))]);
    }

    /**
     * Variants stand in the order of an option's values; among those of one value the order stays.
     *
     * @param  list<string>  $values  the supplier's, as they are to stand; those left out come last
     */
    public function valueOrder(ListingFigures $figures, string $option, array $values): self
    {
        $rank = array_flip($values);
        $at = [];
        foreach ($figures->variants as $variant) {
            $at[$variant->row->id] = $rank[$variant->said->options[$option] ?? ''] ?? count($rank);
        }
        asort($at);

        return $this->each(array_map(static fn (int $n): array => ['position' => $n], array_flip(array_keys($at))));
    }

    /** @param  WrittenRecipe|null  $recipe  its own, as recipes are written; null takes the stall's */
    public function recipe(?array $recipe): self
    {
        return $this->own(['own_recipe' => $recipe]);
    }

    /**
     * @param  array{across: string, option?: string, groups?: list<list<string>>}|null  $across  how its variants'
     *     prices go together; null: each its own
     */
    public function across(?array $across): self
    {
        return $this->own([
            'own_across' => $across === null || $across['across'] === AcrossVariants::Each->value ? null : $across,
        ]);
    }

    /** @param  list<array{pieces: int, kind: string, value: string, words?: string}>|null  $rungs  as a ladder was read */
    public function ladder(?array $rungs): self
    {
        return $this->own(['own_ladder' => $rungs === [] ? null : $rungs]);
    }

    /** @param  list<int>  $variants  sold, or not */
    public function switched(array $variants, bool $on): self
    {
        return $this->all($variants, ['own_on' => $on]);
    }

    /** @param  list<int>  $variants  sold under their floor from now on, or no longer */
    public function underFloor(array $variants, bool $knowingly): self
    {
        return $this->all($variants, ['own_under_floor' => $knowingly]);
    }

    /**
     * @param  list<int>  $variants
     * @param  Money|null  $price  null lets the recipe price them again
     */
    public function price(array $variants, ?Money $price): self
    {
        return $price !== null && $price->isNegative()
            ? throw new Refusal('A price can’t be below nothing.')
            : $this->all($variants, ['own_price_minor' => $price?->minor]);
    }

    /**
     * @param  list<int>  $variants
     * @param  Money|null  $was  held to what may stand beside the price by whoever says it
     */
    public function was(array $variants, ?Money $was): self
    {
        return $this->all($variants, ['own_was_minor' => $was?->minor]);
    }

    /**
     * @param  list<int>  $variants
     * @param  WrittenRecipe|null  $recipe  null takes the listing's again
     */
    public function variantRecipe(array $variants, ?array $recipe): self
    {
        return $this->all($variants, ['own_recipe' => $recipe]);
    }

    /** This and the others; where several say something of the same, the last word holds. */
    public function and(self ...$others): self
    {
        $own = $this->own;
        $variants = $this->variants;
        foreach ($others as $other) {
            $own = $other->own + $own;
            foreach ($other->variants as $id => $said) {
                $variants[$id] = $said + ($variants[$id] ?? []);
            }
        }

        return new self($own, $variants);
    }

    public function isEmpty(): bool
    {
        return $this->own === [] && $this->variants === [];
    }

    /** @param  list<string>  $columns  of the listing, that needn't be said */
    public function without(array $columns): self
    {
        return new self(array_diff_key($this->own, array_flip($columns)), $this->variants);
    }

    /** @param  array<string, mixed>  $columns */
    private function own(array $columns): self
    {
        return new self($columns + $this->own, $this->variants);
    }

    /**
     * @param  list<int>  $variants
     * @param  array<string, mixed>  $columns
     */
    private function all(array $variants, array $columns): self
    {
        return $this->each(array_fill_keys($variants, $columns));
    }

    /** @param  array<int, array<string, mixed>>  $columns  by variant */
    private function each(array $columns): self
    {
        return $this->and(new self([], $columns));
    }

    private static function search(string $what, string $text, int $most): ?string
    {
        $line = self::line($text);

        return mb_strlen($line) > $most
            ? throw new Refusal(sprintf('A search %s has up to %d letters; search engines show fewer.', $what, $most))
            : ($line === '' ? null : $line);
    }

    private static function line(string $text): string
    {
        return trim(preg_replace('/\s+/u', ' ', $text) ?? '');
    }
}
