<?php

declare(strict_types=1);

namespace WindowStall\Print\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Jobs\MakeManyPrints;
use WindowStall\Print\Placing\Placed;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Placings that are kept to lay others by, and the run that does so. */
final class KeptController
{
    /** Goods of one run. */
    public const MOST = 200;

    public function keep(Request $request, Stall $stall, Placed $placing): RedirectResponse
    {
        $typed = $request->validate(['name' => 'nullable|string|max:80'], ['name.max' => 'A name has 80 letters at most.']);
        $name = trim((string) ($typed['name'] ?? ''));
        $placing->update(['kept_as' => $name === '' ? null : $name]);

        return back()->with('say', $name === '' ? 'It isn’t kept any more.' : "Kept as “{$name}”: lay others like it on Print.");
    }

    /** Every chosen artwork on every chosen blank, as it was kept. */
    public function many(Request $request, Stall $stall, Placed $placing): JsonResponse
    {
        $typed = $request->validate([
            'artworks' => 'required|array|min:1|max:200',
            'artworks.*' => 'integer',
            'blanks' => 'required|array|min:1|max:60',
            'blanks.*' => 'integer',
        ], ['artworks.required' => 'Choose at least one artwork.', 'blanks.required' => 'Choose at least one blank.']);

        return new JsonResponse(RunView::of(self::begin($stall, $placing, $typed['artworks'], $typed['blanks'], User::asking($request))));
    }

    /**
     * @param  list<int|string>  $artworks
     * @param  list<int|string>  $blanks
     */
    public static function begin(Stall $stall, Placed $kept, array $artworks, array $blanks, ?User $by): Run
    {
        $artworks = Artwork::of($stall)->here()->where('state', Artwork::READY)->whereKey($artworks)->orderBy('id')->pluck('id')->all();
        $blanks = SupplierItem::of($stall)->whereNotNull('methods')->whereKey($blanks)->orderBy('id')->pluck('id')->all();
        $pairs = [];
        foreach ($artworks as $artwork) {
            foreach ($blanks as $blank) {
                $pairs[] = [(int) $artwork, (int) $blank];
            }
        }
        if ($pairs === [] || count($pairs) > self::MOST) {
            throw new Refusal(
                $pairs === []
                    ? 'Choose artwork that is read, and blanks that are here.'
                    : sprintf('That makes %d goods; at most %d are made at once.', count($pairs), self::MOST),
            );
        }
        $run = Run::of($stall)->create([
            'kind' => RunKind::Prints,
            'subject' => ['kept' => $kept->id, 'pairs' => $pairs],
            'user_id' => $by?->id,
            'state' => RunState::Waiting,
        ]);

        return $run->begin(MakeManyPrints::class)->refresh();
    }
}
