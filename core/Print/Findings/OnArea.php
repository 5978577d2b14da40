<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;

/** One piece where it lies, with all that a finding about it needs. */
final readonly class OnArea
{
    public function __construct(
        public Placing $placing,
        public Laid $laid,
        public int $number,
        public Piece $piece,
        public CheckedArtwork $artwork,
        public PrintArea $area,
        public PrintMethod $method,
    ) {
    }

    /** The placing with this piece changed. */
    public function with(Piece $piece): Placing
    {
        return $this->placing->laying($this->laid->with(pieces: [$this->number => $piece]));
    }

    /**
     * @param  list<string>  $colours
     * @param  list<string>  $sizes
     */
    public function finding(
        FindingKind $kind,
        Severity $weight,
        string $short,
        string $rest,
        array $colours = [],
        array $sizes = [],
        ?Mend $mend = null,
    ): Finding {
        return new Finding($kind, $weight, $this->area->code, $short, $rest, $colours, $sizes, $mend, $this->artwork->name);
    }
}
