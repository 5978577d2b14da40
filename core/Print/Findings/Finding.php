<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

/** Something that was found about what lies on a blank, with its figures. */
final readonly class Finding
{
    /**
     * @param  string  $short  the finding in a few words: "Sharp."
     * @param  string  $rest  its figures, as a sentence or two
     * @param  list<string>  $colours  cloths that it hits; none for all
     * @param  list<string>  $sizes  sizes that it hits; none for all
     * @param  string  $of  the artwork's name; "" for all that lies on the area
     */
    public function __construct(
        public FindingKind $kind,
        public Severity $weight,
        public string $area,
        public string $short,
        public string $rest,
        public array $colours = [],
        public array $sizes = [],
        public ?Mend $mend = null,
        public string $of = '',
    ) {
    }
}
