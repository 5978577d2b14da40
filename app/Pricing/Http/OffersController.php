<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\RungKind;
use WindowStall\Core\Pricing\Offers\RungWords;
use WindowStall\Pricing\Views\FreeDeliveryView;
use WindowStall\Pricing\Views\LadderView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** What is offered besides a price: free delivery with what it takes, and multi-buy ladders. */
final class OffersController
{
    private const LADDER = [
        'rungs' => 'present|array|max:'.Ladders::MOST_RUNGS,
        'rungs.*.pieces' => 'required|integer|min:2|max:99',
        'rungs.*.value' => 'required|string|max:20',
        'rungs.*.words' => 'nullable|string|max:200',
    ];

    public function freeDelivery(Stall $stall): JsonResponse
    {
        return new JsonResponse(FreeDeliveryView::of($stall));
    }

    /** What a ladder would come to; nothing is saved. */
    public function ladder(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        return $this->view(
            $stall,
            $listing,
            $request->has('rungs') ? $this->rungs($request) : $listing->own_ladder ?? [],
        );
    }

    public function setLadder(Request $request, Stall $stall, Listing $listing, PatchListings $patch): JsonResponse
    {
        $rungs = $this->rungs($request);
        $this->falls($stall, $listing, Ladders::read($rungs, $stall));
        $patch->one($stall, User::asking($request), $listing, ListingPatch::none()->ladder($rungs));

        return $this->view($stall, $listing, $rungs);
    }

    /** @throws Refusal where a rung is no step down for any of its variants */
    private function falls(Stall $stall, Listing $listing, Ladder $ladder): void
    {
        $listing->load(Listing::FOR_FIGURES);
        $rises = array_values(array_map(
            static fn (VariantFigures $v): ?int => $v->price === null ? null : $ladder->rises($v->price),
            OptionChoices::of(ListingFigures::of($stall, $listing))->variants,
        ));
        if ($rises !== [] && ! in_array(null, $rises, true)) {
            throw new Refusal(sprintf(
                'From %d pieces on, one costs no less than on the rung below. Let the rung give more, or take it out.',
                $rises[0],
            ));
        }
    }

    /** @param  list<array{pieces: int, kind: string, value: string, words?: string}>  $rungs */
    private function view(Stall $stall, Listing $listing, array $rungs): JsonResponse
    {
        $listing->load([...Listing::FOR_FIGURES, 'variants.supplierVariant.item', 'variants.sold.item']);

        return new JsonResponse(
            LadderView::of(ListingFigures::of($stall, $listing), Ladders::read($rungs, $stall), $rungs),
        );
    }

    /** @return list<array{pieces: int, kind: string, value: string, words?: string}> */
    private function rungs(Request $request): array
    {
        $typed = $request->validate(self::LADDER + ['rungs.*.kind' => ['required', Rule::enum(RungKind::class)]], [
            'rungs.*.pieces.*' => 'A rung begins at 2 to 99 pieces.',
            'rungs.*.value.required' => 'Say what the rung gives.',
        ]);

        return array_values(
            array_map(
                static fn (array $r): array => [
                    'pieces' => (int) $r['pieces'],
                    'kind' => (string) $r['kind'],
                    'value' => (string) $r['value'],
                ] + array_filter(['words' => RungWords::read((string) ($r['words'] ?? ''))]),
                $typed['rungs'],
            ),
        );
    }
}
