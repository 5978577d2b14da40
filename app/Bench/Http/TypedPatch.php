<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Bench\Patch\Cells;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\RecipeForm;

/** What a person typed into a listing's form, as a patch. Fields that aren't sent aren't said. */
final readonly class TypedPatch
{
    /** @param  array<string, mixed>  $typed */
    private function __construct(private array $typed, private Stall $stall, private Listing $listing)
    {
    }

    /** The listing's own fields; with "follow", what is named follows the supplier again. */
    public static function ofListing(Request $request, Stall $stall, Listing $listing): ListingPatch
    {
        $typed = $request->validate(
            [
                'title' => 'sometimes|nullable|string',
                'words' => 'sometimes|nullable|string|max:90000',
                'pictures' => 'sometimes|nullable|array|max:60',
                'pictures.*' => 'integer',
                'recipe' => 'sometimes|nullable|array',
                'across' => 'sometimes|nullable|array:across,option,groups',
                'across.across' => ['required_with:across', Rule::enum(AcrossVariants::class)],
                'across.option' => 'required_if:across.across,stepped|string|max:120',
                'across.groups' => 'sometimes|array|max:20',
                'across.groups.*' => 'array|max:500',
                'across.groups.*.*' => 'string|max:255',
                'search_title' => 'sometimes|nullable|string',
                'search_words' => 'sometimes|nullable|string',
                'order' => ['sometimes', 'array:'.implode(',', array_keys(Cells::COLUMNS))],
                'grown_up' => 'sometimes|boolean',
                'option_order' => 'sometimes|array|max:20',
                'option_order.*' => 'string|max:120',
                'value_order' => 'sometimes|array:option,values',
                'value_order.option' => 'required_with:value_order|string|max:120',
                'value_order.values' => 'required_with:value_order|array|max:500',
                'value_order.values.*' => 'string|max:255',
                'meant' => 'sometimes|array|max:500',
                'meant.*' => 'string|max:2000',
                'names' => 'sometimes|array|max:10',
                'names.*.as' => 'nullable|string|max:60',
                'names.*.values' => 'array|max:500',
                'names.*.values.*' => 'nullable|string|max:60',
            ],
            [
                'words.max' => 'The description is too long. Shorten it.',
                'names.*.values.*.max' => 'A name for a value has up to 60 letters.',
            ],
        );
        $form = new self($typed, $stall, $listing);

        return ListingPatch::none()->and(...[
            ...$request->boolean('follow') ? $form->following() : $form->words(),
            ...$form->cells(),
            ...$form->options(),
            ...$form->pricing(),
        ]);
    }

    /** What is said of some of its variants. */
    public static function ofVariants(Request $request, Stall $stall): ListingPatch
    {
        $typed = $request->validate([
            'variants' => 'required|array|min:1|max:10000',
            'variants.*' => 'integer',
            'on' => 'sometimes|boolean',
            'under_floor' => 'sometimes|boolean',
            'price' => 'sometimes|nullable|string|max:40',
        ]);
        $variants = array_values(array_map(intval(...), $typed['variants']));
        $patch = ListingPatch::none();
        if (array_key_exists('on', $typed)) {
            $patch = $patch->switched($variants, (bool) $typed['on']);
        }
        if (array_key_exists('under_floor', $typed)) {
            $patch = $patch->underFloor($variants, (bool) $typed['under_floor']);
        }
        if (array_key_exists('price', $typed)) {
            $price = $typed['price'] === null ? null : Money::parse($typed['price'], $stall->currencyValue());
            $patch = $patch->price($variants, $price);
        }

        return $patch;
    }

    /** The version of the listing that the person saw, if they say. */
    public static function seen(Request $request): ?int
    {
        return $request->validate(['version' => 'sometimes|integer|min:0'])['version'] ?? null;
    }

    /**
     * Laravel turns an empty text into null before it arrives here; an emptied title is still the seller's word.
     *
     * @return list<ListingPatch>
     */
    private function words(): array
    {
        $none = ListingPatch::none();

        return $this->said([
            'title' => static fn (?string $title): ListingPatch => $none->title((string) $title),
            'words' => static fn (?string $html): ListingPatch => $none->words((string) $html),
            'pictures' => static fn (?array $ids): ListingPatch => $none->pictures(
                array_values(array_map(intval(...), $ids ?? [])),
            ),
            'search_title' => $none->searchTitle(...),
            'search_words' => $none->searchWords(...),
        ]);
    }

    /** @return list<ListingPatch> */
    private function following(): array
    {
        $none = ListingPatch::none();

        return $this->said([
            'title' => static fn (): ListingPatch => $none->title(null),
            'words' => static fn (): ListingPatch => $none->words(null),
            'pictures' => static fn (): ListingPatch => $none->pictures(null),
            'search_title' => static fn (): ListingPatch => $none->searchTitle(null),
            'search_words' => static fn (): ListingPatch => $none->searchWords(null),
        ]);
    }

    /** @return list<ListingPatch> */
    private function cells(): array
    {
        $order = (array) ($this->typed['order'] ?? []);

        return array_map(
            static fn (string $column, mixed $said): ListingPatch => ListingPatch::none()->cell($column, self::text($said)),
            array_keys($order),
            $order,
        );
    }

    /** @return list<ListingPatch> */
    private function options(): array
    {
        $none = ListingPatch::none();

        return $this->said([
            'names' => fn (array $names): ListingPatch => $none->names(
                OptionNames::with($this->listing->own_names ?? [], $names),
            ),
            'grown_up' => static fn (mixed $only): ListingPatch => $none->grownUp((bool) $only),
            'meant' => fn (array $phrases): ListingPatch => $none->meant(
                [...$this->listing->own_meant, ...array_values($phrases)],
            ),
            'option_order' => static fn (array $options): ListingPatch => $none->optionOrder(array_values($options)),
            'value_order' => fn (array $order): ListingPatch => $none->valueOrder(
                ListingFigures::of($this->stall, $this->listing),
                $order['option'],
                array_values($order['values']),
            ),
        ]);
    }

    /** @return list<ListingPatch> */
    private function pricing(): array
    {
        $none = ListingPatch::none();
        $currency = $this->stall->currencyValue();

        return $this->said([
            'recipe' => static fn (?array $recipe): ListingPatch => $none->recipe(
                $recipe === null ? null : RecipeForm::written($recipe, $currency),
            ),
            'across' => $none->across(...),
        ]);
    }

    /**
     * @param  array<string, callable>  $fields  field → the patch that what was sent of it makes
     * @return list<ListingPatch> those that were sent
     */
    private function said(array $fields): array
    {
        $sent = array_intersect_key($fields, $this->typed);

        return array_map(
            fn (callable $patch, string $field): ListingPatch => $patch($this->typed[$field]),
            $sent,
            array_keys($sent),
        );
    }

    /** A cell's text: tags come as a list or as they are typed. */
    private static function text(mixed $said): string
    {
        return is_array($said)
            ? implode(', ', array_filter($said, is_string(...)))
            : (is_scalar($said) ? (string) $said : '');
    }
}
