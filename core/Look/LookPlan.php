<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** All brand decisions but the wordmark and the logo: what a look is made of. */
final readonly class LookPlan
{
    public const MOST_COLOURS = 3;

    /** @param  non-empty-list<Colour>  $colours  the brand's own first, three at the most */
    public function __construct(
        public Build $build,
        public Mood $mood,
        public array $colours,
        public TypePair $pair,
        public TypeSize $size,
        public TypeWeight $weight,
        public Shape $shape,
        public PictureManner $pictures,
    ) {
        if (count($colours) > self::MOST_COLOURS) {
            throw new \InvalidArgumentException('A look has three brand colours at the most.');
        }
    }

    public function tones(): Tones
    {
        return Tones::from($this->colours, $this->mood);
    }

    /**
     * The same with some of it decided otherwise.
     *
     * @param  non-empty-list<Colour>|null  $colours
     */
    public function with(
        ?Build $build = null,
        ?Mood $mood = null,
        ?array $colours = null,
        ?TypePair $pair = null,
        ?TypeSize $size = null,
        ?TypeWeight $weight = null,
        ?Shape $shape = null,
        ?PictureManner $pictures = null,
    ): self {
        return new self(
            $build ?? $this->build,
            $mood ?? $this->mood,
            $colours ?? $this->colours,
            $pair ?? $this->pair,
            $size ?? $this->size,
            $weight ?? $this->weight,
            $shape ?? $this->shape,
            $pictures ?? $this->pictures,
        );
    }
}
