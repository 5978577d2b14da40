<?php

declare(strict_types=1);

namespace WindowStall\Print\Http;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Print\Lettering\Lettering;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\OlderVersions;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\Placed;
use WindowStall\Print\Views\ArtworkView;
use WindowStall\Print\Views\BlankChoiceView;
use WindowStall\Print\Views\LiesOnView;
use WindowStall\Print\Views\PlacingRowView;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\Views\PictureAddress;
use WindowStall\Stall\Stall;

/** Print: the stall's artworks, the blanks they can lie on, and what was laid out. */
final class PrintController
{
    private const SHOWN = 200;

    public function index(Stall $stall): Response
    {
        return Inertia::render('print/PrintPage', [
            'artworks' => self::artworks($stall),
            'blanks' => self::blanks($stall),
            'faces' => Lettering::faces(),
            'run' => self::run($stall),
            'placings' => Placed::of($stall)
                ->with('blankItem')
                ->orderByDesc('updated_at')
                ->limit(self::SHOWN)
                ->get()
                ->map(fn (Placed $p): PlacingRowView => self::row($stall, $p))
                ->all(),
        ]);
    }

    private static function run(Stall $stall): ?RunView
    {
        $last = Run::of($stall)->where('kind', RunKind::Prints)->where('created_at', '>', now()->subHours(12))->latest('id')->first();

        return $last === null ? null : RunView::of($last);
    }

    /** Which artworks have been read by now. */
    public function read(Stall $stall): JsonResponse
    {
        return new JsonResponse(self::artworks($stall));
    }

    public function lay(Request $request, Stall $stall, LayOut $lay): RedirectResponse
    {
        $typed = $request->validate(
            ['blank' => 'required|integer', 'artwork' => 'required|integer'],
            ['artwork.required' => 'Choose an artwork.', 'blank.required' => 'Choose what it is printed on.'],
        );
        /** @var SupplierItem $blank */
        $blank = SupplierItem::of($stall)->with('words')->whereNotNull('methods')->findOrFail((int) $typed['blank']);
        /** @var Artwork $artwork */
        $artwork = Artwork::of($stall)->here()->findOrFail((int) $typed['artwork']);

        return redirect()->route('print.placing', [$stall, $lay->new($stall, $blank, $artwork)]);
    }

    /** @return list<ArtworkView> the newest of each, newest first */
    private static function artworks(Stall $stall): array
    {
        $placings = Placed::of($stall)->orderBy('id')->get(['id', 'name', 'laid', 'made_item_id']);
        $versions = Artwork::of($stall)->get(['id', 'family_id', 'version'])->groupBy(static fn (Artwork $a): int => $a->family());
        $all = Artwork::of($stall)->here()->orderByDesc('id')->limit(self::SHOWN)->get();
        $newest = $all->groupBy(static fn (Artwork $a): int => $a->family())
            ->map(static fn ($some): int => (int) $some->max('version'));

        return array_values($all
            ->filter(static fn (Artwork $a): bool => $newest[$a->family()] === $a->version)
            ->map(static fn (Artwork $a): ArtworkView => ArtworkView::of(
                $stall,
                $a,
                liesOn: self::those($placings, static fn (Placed $p): bool => in_array($a->id, Placing::artworksSaid($p->laid), true)),
                behind: $a->version === 1 ? [] : self::those($placings, OlderVersions::among($versions[$a->family()] ?? new Collection(), $a)->lieOn(...)),
            ))
            ->all());
    }

    /**
     * @param  Collection<int, Placed>  $placings
     * @param  callable(Placed): bool  $which
     * @return list<LiesOnView>
     */
    private static function those(Collection $placings, callable $which): array
    {
        return array_values($placings
            ->filter($which)
            ->map(static fn (Placed $p): LiesOnView => new LiesOnView($p->id, $p->name, $p->made_item_id !== null))
            ->all());
    }

    /** @return list<BlankChoiceView> */
    private static function blanks(Stall $stall): array
    {
        return array_values(SupplierItem::of($stall)
            ->whereNotNull('methods')
            ->whereNull('gone_at')
            ->whereHas('connection', static fn ($q) => $q->whereNull('disconnected_at'))
            ->with('connection')
            ->orderBy('id')
            ->limit(self::SHOWN)
            ->get()
            ->map(static fn (SupplierItem $b): BlankChoiceView => new BlankChoiceView(
                $b->id,
                $b->title,
                PictureAddress::small((string) $b->picture, 320),
                sprintf('%s, %d kinds', $b->connection->name ?? '', $b->variants_count),
            ))
            ->all());
    }

    private static function row(Stall $stall, Placed $placed): PlacingRowView
    {
        $first = $placed->laid['laid'][0]['pieces'][0]['artwork'] ?? null;

        return new PlacingRowView(
            id: $placed->id,
            name: $placed->name,
            blank: (string) $placed->blankItem?->title,
            stands: match (true) {
                $placed->refusal !== '' => 'refused: '.$placed->refusal,
                $placed->made_revision === null => 'not made yet',
                $placed->made_revision !== $placed->revision => 'changed since its goods were made',
                default => 'its goods are on the bench or in the window',
            },
            picture: $first === null ? null : route('print.artwork.picture', [$stall, $first]),
            keptAs: $placed->kept_as,
        );
    }
}
