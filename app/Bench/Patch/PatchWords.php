<?php

declare(strict_types=1);

namespace WindowStall\Bench\Patch;

/** What a patch changes, in the words of a step that can be taken back: "Title and description changed". */
final class PatchWords
{
    private const OWN = [
        'own_title' => 'title',
        'own_words' => 'description',
        'own_pictures' => 'pictures',
        'own_names' => 'names of options',
        'own_option_order' => 'order of options',
        'own_meant' => 'what is meant so',
        'own_search_title' => 'search title',
        'own_search_words' => 'search description',
        'own_type' => 'type',
        'own_tags' => 'tags',
        'own_maker' => 'maker',
        'own_grown_up' => 'whom it is for',
        'own_notes' => 'notes',
        'own_recipe' => 'recipe',
        'own_across' => 'how prices go together',
        'own_ladder' => 'multi-buy ladder',
    ];

    private const VARIANTS = [
        'position' => 'order of values',
        'own_on' => 'what is sold',
        'own_price_minor' => 'prices by hand',
        'own_was_minor' => 'was-prices',
        'own_under_floor' => 'what may go under the floor',
        'own_recipe' => 'recipes of variants',
    ];

    public static function of(ListingPatch $patch): string
    {
        $names = array_values(
            array_intersect_key(self::OWN, $patch->own) + self::ofVariants($patch),
        );
        $last = array_pop($names);

        return ucfirst($names === [] ? (string) $last : implode(', ', $names).' and '.$last).' changed';
    }

    /** @return array<string, string> */
    private static function ofVariants(ListingPatch $patch): array
    {
        $columns = [];
        foreach ($patch->variants as $said) {
            $columns += $said;
        }
        $names = array_intersect_key(self::VARIANTS, $columns);

        return array_combine(array_map(static fn (string $c): string => 'variants.'.$c, array_keys($names)), $names);
    }
}
