<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Findings\Finding;
use WindowStall\Core\Print\Findings\Severity;
use WindowStall\Core\Print\Placing\KeptPlacing;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Lays another artwork, on the same blank or another, as one was laid and kept; what would stop it is mended where it can be. */
final readonly class LayAs
{
    /** Mends one after the other; each lessens something, so a few are enough. */
    private const MENDS = 6;

    public function __construct(private LayOut $lay)
    {
    }

    /** @param  Placed  $kept  with its blank */
    public function __invoke(Stall $stall, Placed $kept, SupplierItem $blank, Artwork $artwork): Placed
    {
        $onto = $blank->words?->item()->blank;
        $facts = $artwork->read();
        if ($onto === null || $facts === null) {
            throw new Refusal('Nothing can be printed on this, or the artwork isn’t read yet.');
        }
        $was = $kept->placing();
        if ($was->printed() === []) {
            throw new Refusal('Nothing lies on what was kept.');
        }
        $first = $was->printed()[0]->pieces[0]->artwork;
        $all = [$artwork->id => $facts] + $this->facts($stall, $was);
        $placing = KeptPlacing::onto($was, $kept->blank(), $onto, $all, [$first => $artwork->id]);
        if ($placing->printed() === []) {
            throw new Refusal('Nothing of what was kept fits on this.');
        }
        $placed = $this->lay->new($stall, $blank, $artwork);
        $sizes = $placed->placing()->sizes;
        $same = array_values(array_intersect($sizes, $was->sizes));
        $whole = new Placing($placing->laid, $placing->colours, $same === [] ? $sizes : $same);
        $this->lay->say($placed, $this->mended($stall, $placed, $whole));
        $scenes = array_values(array_intersect($kept->scenes, $placed->scenes));
        $placed->update([
            'scenes' => $scenes === [] ? $placed->scenes : $scenes,
            'prices' => $blank->id === $kept->supplier_item_id ? $kept->prices : null,
        ]);

        return $placed;
    }

    private function mended(Stall $stall, Placed $placed, Placing $placing): Placing
    {
        $artworks = Artwork::of($stall)->where('state', Artwork::READY)->get()->keyBy('id')->all();
        for ($n = 0; $n < self::MENDS; $n++) {
            $stops = array_filter(
                FaultsOf::find($placed->blank(), $placing, $artworks),
                static fn (Finding $f): bool => $f->weight === Severity::Stops && $f->mend !== null,
            );
            $first = reset($stops);
            if ($first === false || $first->mend === null) {
                break;
            }
            $placing = $first->mend->placing;
        }

        return $placing;
    }

    /** @return array<int, ArtworkFacts> */
    private function facts(Stall $stall, Placing $placing): array
    {
        $facts = [];
        foreach (Artwork::of($stall)->whereKey($placing->artworks())->get() as $artwork) {
            $read = $artwork->read();
            if ($read !== null) {
                $facts[$artwork->id] = $read;
            }
        }

        return $facts;
    }
}
