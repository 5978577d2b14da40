<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\DropOption;
use WindowStall\Bench\MakeUp\SetSources;
use WindowStall\Bench\MakeUp\SplitListing;
use WindowStall\Bench\Pictures\EditPicture;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Undo\StepDone;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Bench\Views\DraftAnswerView;
use WindowStall\Bench\Views\DraftView;
use WindowStall\Bench\Views\HtmlView;
use WindowStall\Bench\Views\ListingAnswerView;
use WindowStall\Bench\Views\ListingView;
use WindowStall\Bench\Views\PieceView;
use WindowStall\Bench\Views\SourcesView;
use WindowStall\Bench\Views\SplitDoneView;
use WindowStall\Bench\Views\SplitView;
use WindowStall\Bench\Views\TwinsView;
use WindowStall\Bench\Writing\DraftListing;
use WindowStall\Bench\Writing\Manner;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Markdown;
use WindowStall\Support\Pictures\Crop;

/** Turning a raw item into a clean listing: options, parts, sources, drafts and pictures. */
final readonly class PreparingController
{
    public function __construct(private Undo $undo)
    {
    }

    /** Which variants would fall together without an option. */
    public function twins(Request $request, Stall $stall, Listing $listing, DropOption $drop): JsonResponse
    {
        $option = Typed::text($request, 'option');

        return new JsonResponse(
            TwinsView::of($option, ListingFigures::of($stall, $listing), $drop->plan($stall, $listing, $option)),
        );
    }

    public function drop(Request $request, Stall $stall, Listing $listing, DropOption $drop): JsonResponse
    {
        $typed = $request->validate([
            'option' => 'required|string|max:120',
            'keep' => 'present|array|max:2000',
            'keep.*' => 'integer',
        ]);

        return $this->step(
            $request,
            $stall,
            $listing,
            fn () => $drop($stall, $listing, $typed['option'], array_map(intval(...), array_values($typed['keep']))),
            sprintf('“%s” dropped', $typed['option']),
        );
    }

    public function takeUp(Request $request, Stall $stall, Listing $listing, DropOption $drop): JsonResponse
    {
        $option = $request->validate(['option' => 'required|string|max:120'])['option'];

        return $this->step(
            $request,
            $stall,
            $listing,
            fn () => $drop->takeUp($stall, $listing, $option),
            sprintf('“%s” taken up again', $option),
        );
    }

    /** The parts that the program proposes. */
    public function parts(Stall $stall, Listing $listing): JsonResponse
    {
        return new JsonResponse(SplitView::of(ListingFigures::of($stall, $listing)));
    }

    public function split(Request $request, Stall $stall, Listing $listing, SplitListing $split): JsonResponse
    {
        $typed = $request->validate([
            'groups' => 'required|array|min:1|max:'.SplitListing::MOST,
            'groups.*.name' => 'present|nullable|string|max:300',
            'groups.*.variants' => 'present|array',
            'groups.*.variants.*' => 'integer',
        ]);
        $groups = array_values(
            array_map(
                static fn (array $g): array => [
                    'name' => (string) $g['name'],
                    'variants' => array_map(intval(...), array_values($g['variants'])),
                ],
                $typed['groups'],
            ),
        );
        $parts = static function () use ($split, $stall, $listing, $groups): StepDone {
            $made = array_map(static fn (Listing $part): int => $part->id, $split($stall, $listing, $groups));

            return new StepDone(sprintf('split into %d listings', count($made) + 1), result: $made, made: $made);
        };
        [$change, $made] = $this->undo->whileLocked($stall, User::asking($request), [$listing->id], $parts);

        return new JsonResponse(new SplitDoneView(listings: [$listing->id, ...$made], change: $change->id));
    }

    public function sources(Request $request, Stall $stall, Listing $listing, SetSources $set): JsonResponse
    {
        $variant = $this->variant($listing, $request->integer('variant'));

        return new JsonResponse(
            SourcesView::of(
                $stall,
                $variant,
                $set->candidates($stall, $variant, mb_substr(Typed::text($request, 'q'), 0, 80)),
            ),
        );
    }

    public function setSources(Request $request, Stall $stall, Listing $listing, SetSources $set): JsonResponse
    {
        $typed = $request->validate([
            'variant' => 'required|integer',
            'sources' => 'required|array',
            'sources.*.id' => 'required|integer',
            'sources.*.use' => 'required|boolean',
        ]);
        $sources = array_values(
            array_map(
                static fn (array $s): array => ['id' => (int) $s['id'], 'use' => (bool) $s['use']],
                $typed['sources'],
            ),
        );

        return $this->step(
            $request,
            $stall,
            $listing,
            fn () => $set($stall, $listing, $this->variant($listing, (int) $typed['variant']), $sources),
            'sources changed',
        );
    }

    public function draft(Request $request, Stall $stall, Listing $listing, DraftListing $write): JsonResponse
    {
        $typed = $request->validate([
            'manner' => ['required', Rule::enum(Manner::class)],
            'fields' => 'required|array',
            'fields.*' => Rule::in(DraftListing::FIELDS),
        ]);
        // First the writing help is asked, with nothing locked; then what it said is written.
        $draft = $write->ask($stall, $listing, Manner::from($typed['manner']));
        $written = static function () use ($write, $stall, $listing, $draft, $typed): StepDone {
            $write->write($stall, $listing->refresh(), $draft, array_values($typed['fields']));

            return new StepDone('drafts written');
        };
        [$change] = $this->undo->whileLocked($stall, User::asking($request), [$listing->id], $written);

        return new JsonResponse(
            new DraftAnswerView(
                listing: $this->view($stall, $listing),
                draft: DraftView::of($draft),
                change: $change->id,
            ),
        );
    }

    public function accept(Request $request, Stall $stall, Listing $listing, DraftListing $write): JsonResponse
    {
        $write->accept(
            $stall,
            $listing,
            array_values(
                $request->validate(['fields' => 'required|array', 'fields.*' => Rule::in(DraftListing::FIELDS)])[
                    'fields'
                ],
            ),
        );

        return new JsonResponse($this->view($stall, $listing));
    }

    public function picture(
        Request $request,
        Stall $stall,
        Listing $listing,
        Picture $picture,
        EditPicture $edit,
    ): JsonResponse {
        $typed = $request->validate(
            [
                'alt' => 'sometimes|nullable|string|max:200',
                'x' => 'sometimes|integer|min:0|max:100',
                'y' => 'sometimes|integer|min:0|max:100',
                'zoom' => 'sometimes|integer|min:100|max:400',
                'shows' => 'sometimes|nullable|string|max:120',
            ],
            ['alt.max' => 'An alt text has up to 200 letters.'],
        );
        /** @var array{alt?: string|null, x?: int, y?: int, zoom?: int, shows?: string|null} $typed */
        $edit($stall, $listing, $picture, $typed);

        return new JsonResponse($this->view($stall, $listing));
    }

    /** Which piece of a picture of that size would be shown; nothing is saved. */
    public function piece(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'width' => 'required|integer|min:1|max:20000',
            'height' => 'required|integer|min:1|max:20000',
            'x' => 'required|integer|min:0|max:100',
            'y' => 'required|integer|min:0|max:100',
            'zoom' => 'required|integer|min:100|max:'.Crop::NEAREST,
        ]);
        $typed = array_map(intval(...), $typed);

        return new JsonResponse(
            PieceView::of(new Crop($typed['x'], $typed['y'], $typed['zoom']), $typed['width'], $typed['height']),
        );
    }

    /** Markdown that was pasted, as the description takes it. */
    public function markdown(Request $request, Stall $stall): JsonResponse
    {
        return new JsonResponse(
            new HtmlView(Markdown::html($request->validate(['text' => 'required|string|max:60000'])['text'])),
        );
    }

    /** @param  callable(): mixed  $do */
    private function step(Request $request, Stall $stall, Listing $listing, callable $do, string $words): JsonResponse
    {
        $done = static fn (): StepDone => new StepDone($words, result: $do());
        [$change] = $this->undo->whileLocked($stall, User::asking($request), [$listing->id], $done);

        return new JsonResponse(new ListingAnswerView(listing: $this->view($stall, $listing), change: $change->id));
    }

    private function variant(Listing $listing, int $id): ListingVariant
    {
        return ListingVariant::query()
            ->with(['supplierVariant.item.connection', 'sources.supplierVariant.item.connection'])
            ->where('listing_id', $listing->id)
            ->whereKey($id)
            ->firstOrFail();
    }

    private function view(Stall $stall, Listing $listing): ListingView
    {
        return ListingView::of(ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id)));
    }
}
