<?php

declare(strict_types=1);

namespace WindowStall\Print\Artwork;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\Placed;
use WindowStall\Stall\Stall;

/** Where older versions of an artwork still lie, and the newer one laid there in their place. */
final readonly class OlderVersions
{
    /** @param  list<int>  $ids  of the same artwork, older than it */
    private function __construct(private Artwork $newer, private array $ids)
    {
    }

    public static function of(Stall $stall, Artwork $newer): self
    {
        return self::among(SendArtwork::versions($stall, $newer->family())->get(['id', 'version']), $newer);
    }

    /** @param  Collection<int, Artwork>  $versions  of the same artwork, put away or not */
    public static function among(Collection $versions, Artwork $newer): self
    {
        return new self($newer, array_values($versions->where('version', '<', $newer->version)->modelKeys()));
    }

    public function lieOn(Placed $placed): bool
    {
        return array_intersect($this->ids, Placing::artworksSaid($placed->laid)) !== [];
    }

    /** @return bool whether anything changed */
    public function replaceOn(Placed $placed, LayOut $lay): bool
    {
        return $lay->say($placed, $placed->placing()->replacing(array_fill_keys($this->ids, $this->newer->id)));
    }
}
