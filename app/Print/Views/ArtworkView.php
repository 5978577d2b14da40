<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

use WindowStall\Print\Artwork\Artwork;
use WindowStall\Stall\Stall;

/** An artwork among others, or where it is chosen. */
final readonly class ArtworkView
{
    /**
     * @param  string  $name  with its version
     * @param  string  $plain  the same without
     * @param  list<LiesOnView>  $liesOn
     * @param  list<string>  $notes
     * @param  list<LiesOnView>  $behind  where older versions of it lie
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $plain,
        public string $state,
        public string $trouble,
        public ?string $picture,
        public int $width,
        public int $height,
        public string $facts,
        public string $rights,
        public int $version,
        public bool $newest,
        public array $liesOn,
        public array $notes,
        public array $behind,
        public ?LetteringView $lettering,
    ) {
    }

    /**
     * @param  list<LiesOnView>  $liesOn
     * @param  list<LiesOnView>  $behind
     */
    public static function of(Stall $stall, Artwork $artwork, bool $newest = true, array $liesOn = [], array $behind = []): self
    {
        $read = $artwork->read();

        return new self(
            id: $artwork->id,
            name: $artwork->called(),
            plain: $artwork->name,
            state: $artwork->state,
            trouble: $artwork->trouble,
            picture: $artwork->preview === null ? null : route('print.artwork.picture', [$stall, $artwork]),
            width: $read->width ?? 1,
            height: $read->height ?? 1,
            facts: match (true) {
                $read === null => '',
                $read->vector => 'drawn in lines',
                default => sprintf(
                    '%s × %s pixels%s',
                    number_format($read->width),
                    number_format($read->height),
                    $read->transparent ? ', transparent ground' : '',
                ),
            },
            rights: $artwork->rights,
            version: $artwork->version,
            newest: $newest,
            liesOn: $liesOn,
            notes: $artwork->notes,
            behind: $behind,
            lettering: $artwork->lettering === null ? null : new LetteringView(...$artwork->lettering),
        );
    }
}
