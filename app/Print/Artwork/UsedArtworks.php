<?php

declare(strict_types=1);

namespace WindowStall\Print\Artwork;

use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Stall\Stall;

/** The artworks that lie on a blank. */
final readonly class UsedArtworks
{
    /** @param  array<int, Artwork>  $all by number; those that were read */
    private function __construct(public array $all)
    {
    }

    public static function of(Stall $stall, Placing $placing): self
    {
        return new self(
            Artwork::of($stall)->whereKey($placing->artworks())->where('state', Artwork::READY)->get()->keyBy('id')->all(),
        );
    }

    /**
     * What lies on each area, on that colour, and its ground.
     *
     * @return list<array{PrintArea, list<array{Piece, Artwork, ArtworkFacts}>, string|null}>
     */
    public function on(Blank $blank, Placing $placing, string $colour): array
    {
        $areas = [];
        foreach ($placing->printed() as $laid) {
            $area = $blank->area($laid->area);
            $pieces = [];
            foreach ($laid->pieces as $piece) {
                $artwork = $this->all[$placing->artworkOn($colour, $piece->artwork)] ?? null;
                $facts = $artwork?->read();
                if ($artwork !== null && $facts !== null) {
                    $pieces[] = [$piece, $artwork, $facts];
                }
            }
            if ($area !== null && $pieces !== []) {
                $areas[] = [$area, $pieces, $laid->ground];
            }
        }

        return $areas;
    }
}
