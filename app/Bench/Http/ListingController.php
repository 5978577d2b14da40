<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\EditAtVersion;
use WindowStall\Bench\EditListing;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\SendPicture;
use WindowStall\Bench\Views\ListingView;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\Across;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;

/** One listing on the bench. Every edit answers with the whole listing as it then stands. */
final readonly class ListingController
{
    public function __construct(private EditListing $edit, private EditAtVersion $atVersion)
    {
    }

    public function show(Stall $stall, Listing $listing): Response
    {
        $near = Listing::of($stall)->where('state', $listing->state);

        return Inertia::render('bench/ListingPage', [
            'listing' => $this->of($stall, $listing),
            'earlier' => (clone $near)->where('id', '>', $listing->id)->orderBy('id')->value('id'),
            'later' => (clone $near)->where('id', '<', $listing->id)->orderByDesc('id')->value('id'),
        ]);
    }

    public function view(Stall $stall, Listing $listing): JsonResponse
    {
        return $this->answer($stall, $listing);
    }

    public function update(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        $typed = $request->validate(
            [
                'title' => 'sometimes|nullable|string',
                'words' => 'sometimes|nullable|string|max:90000',
                'pictures' => 'sometimes|nullable|array|max:60',
                'pictures.*' => 'integer',
                'recipe' => 'sometimes|nullable|array',
                'across' => 'sometimes|nullable|array:across,option,groups',
                'across.across' => ['required_with:across', Rule::enum(Across::class)],
                'across.option' => 'required_if:across.across,stepped|string|max:120',
                'across.groups' => 'sometimes|array|max:20',
                'across.groups.*' => 'array|max:500',
                'across.groups.*.*' => 'string|max:255',
                'search_title' => 'sometimes|nullable|string',
                'search_words' => 'sometimes|nullable|string',
                'order' => 'sometimes|array',
                'option_order' => 'sometimes|array|max:20',
                'option_order.*' => 'string|max:120',
                'value_order' => 'sometimes|array:option,values',
                'value_order.option' => 'required_with:value_order|string|max:120',
                'value_order.values' => 'required_with:value_order|array|max:500',
                'value_order.values.*' => 'string|max:255',
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
        ($this->atVersion)(
            $listing,
            $this->seen($request),
            fn () => $this->say($stall, $listing, $typed, $request->boolean('follow')),
        );

        return $this->answer($stall, $listing);
    }

    public function variants(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        $typed = $request->validate([
            'variants' => 'required|array|min:1|max:10000',
            'variants.*' => 'integer',
            'on' => 'sometimes|boolean',
            'under_floor' => 'sometimes|boolean',
            'price' => 'sometimes|nullable|string|max:40',
        ]);
        ($this->atVersion)($listing, $this->seen($request), fn () => $this->sayOfVariants($stall, $listing, $typed));

        return $this->answer($stall, $listing);
    }

    /** What a price that is being typed would come to; nothing is saved. */
    public function till(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        $row = ListingVariant::query()
            ->with('prices')
            ->where('listing_id', $listing->id)
            ->whereKey($request->integer('variant'))
            ->firstOrFail();
        $price = Money::parse(Typed::text($request, 'price'), $stall->currencyValue());
        if ($price->isNegative()) {
            throw new Refusal('A price can’t be below nothing.');
        }
        $till =
            ListingFigures::ring($stall, $row->priceIn($stall->home_market), $price) ??
            throw new Refusal(sprintf('This can’t be delivered to %s.', $stall->marketName()));
        $label = ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id))->labelOf($row->id);

        return new JsonResponse(SaleView::of(ListingView::about($label, $stall->marketName()), $till));
    }

    public function upload(Request $request, Stall $stall, Listing $listing, SendPicture $send): JsonResponse
    {
        $shown = array_map(static fn (Picture $p): int => $p->id, ListingFigures::of($stall, $listing)->pictures);
        $picture = $send($stall, $listing, UploadedPicture::bytes($request, 'picture'));
        $this->edit->pictures($stall, $listing, [...$shown, $picture->id]);

        return $this->answer($stall, $listing);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  bool  $follow  whether what is named follows the supplier again
     */
    private function say(Stall $stall, Listing $listing, array $typed, bool $follow): void
    {
        // Laravel turns an empty text into null before it arrives here; an emptied title is still the seller's word.
        if (array_key_exists('title', $typed)) {
            $this->edit->title($stall, $listing, $follow ? null : (string) $typed['title']);
        }
        if (array_key_exists('words', $typed)) {
            $this->edit->words($stall, $listing, $follow ? null : (string) $typed['words']);
        }
        if (array_key_exists('pictures', $typed)) {
            $this->edit->pictures(
                $stall,
                $listing,
                $follow ? null : array_map(intval(...), array_values($typed['pictures'] ?? [])),
            );
        }
        if (array_key_exists('names', $typed)) {
            $this->edit->names($stall, $listing, $typed['names']);
        }
        if (array_key_exists('search_title', $typed) || array_key_exists('search_words', $typed)) {
            $this->edit->search($stall, $listing, $typed['search_title'] ?? null, $typed['search_words'] ?? null);
        }
        if (array_key_exists('order', $typed)) {
            $this->edit->order($stall, $listing, $typed['order']);
        }
        if (array_key_exists('option_order', $typed)) {
            $this->edit->optionOrder($stall, $listing, array_values($typed['option_order']));
        }
        if (array_key_exists('value_order', $typed)) {
            $this->edit->valueOrder(
                $stall,
                $listing,
                $typed['value_order']['option'],
                array_values($typed['value_order']['values']),
            );
        }
        if (array_key_exists('recipe', $typed)) {
            $this->edit->recipe($stall, $listing, $typed['recipe']);
        }
        if (array_key_exists('across', $typed)) {
            $this->edit->across($stall, $listing, $typed['across']);
        }
    }

    /** @param  array<string, mixed>  $typed */
    private function sayOfVariants(Stall $stall, Listing $listing, array $typed): void
    {
        if (array_key_exists('on', $typed)) {
            $this->edit->switch($stall, $listing, array_values($typed['variants']), (bool) $typed['on']);
        }
        if (array_key_exists('under_floor', $typed)) {
            $this->edit->underFloor($stall, $listing, array_values($typed['variants']), (bool) $typed['under_floor']);
        }
        if (array_key_exists('price', $typed)) {
            $price = $typed['price'] === null ? null : Money::parse($typed['price'], $stall->currencyValue());
            foreach ($listing->variants()->whereKey($typed['variants'])->get() as $variant) {
                $this->edit->price($stall, $listing, $variant, $price);
            }
        }
    }

    private function seen(Request $request): ?int
    {
        return $request->validate(['version' => 'sometimes|integer|min:0'])['version'] ?? null;
    }

    private function answer(Stall $stall, Listing $listing): JsonResponse
    {
        return new JsonResponse($this->of($stall, $listing));
    }

    private function of(Stall $stall, Listing $listing): ListingView
    {
        return ListingView::of(ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id)));
    }
}
