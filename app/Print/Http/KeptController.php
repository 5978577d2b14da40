<?php

declare(strict_types=1);

namespace WindowStall\Print\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\OlderVersions;
use WindowStall\Print\Jobs\LayNewerVersion;
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

    /** A newer version where older ones lie, on the placings that were chosen. */
    public function follow(Request $request, Stall $stall, Artwork $artwork): JsonResponse
    {
        $typed = $request->validate(
            ['placings' => 'required|array|min:1|max:'.self::MOST, 'placings.*' => 'integer'],
            ['placings.required' => 'Choose where it is to lie.'],
        );
        if ($artwork->state !== Artwork::READY || $artwork->removed_at !== null) {
            throw new Refusal('This version isn’t read yet, or is put away.');
        }
        $older = OlderVersions::of($stall, $artwork);
        $chosen = Placed::of($stall)->whereKey($typed['placings'])->orderBy('id')->get()->filter($older->lieOn(...));
        if ($chosen->isEmpty()) {
            throw new Refusal('No older version lies there any more.');
        }
        $subject = ['newer' => $artwork->id, 'placings' => array_values($chosen->modelKeys())];

        return new JsonResponse(RunView::of(self::run($stall, $subject, User::asking($request))->begin(LayNewerVersion::class)->refresh()));
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

        return self::run($stall, ['kept' => $kept->id, 'pairs' => $pairs], $by)->begin(MakeManyPrints::class)->refresh();
    }

    /** @param  array<string, mixed>  $subject */
    private static function run(Stall $stall, array $subject, ?User $by): Run
    {
        return Run::of($stall)->create([
            'kind' => RunKind::Prints,
            'subject' => $subject,
            'user_id' => $by?->id,
            'state' => RunState::Waiting,
        ]);
    }
}
