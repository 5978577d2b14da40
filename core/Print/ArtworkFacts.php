<?php

declare(strict_types=1);

namespace WindowStall\Core\Print;

/**
 * What was read of an artwork: all that advice about it is worked out from.
 *
 * @phpstan-type SaidArtwork array{
 *     width: int, height: int, vector: bool, transparent: bool, colours: list<array{string, int}>, soft: int, line: int,
 * }
 */
final readonly class ArtworkFacts
{
    /**
     * @param  int  $width  in pixels; of a drawing in vectors what it says itself, which only gives its form
     * @param  list<array{string, int}>  $colours  hex and thousandths of what is drawn, the most first
     * @param  int  $soft  thousandths of what is drawn that are half transparent, edges apart
     * @param  int  $line  the thinnest, in hundred-thousandths of its width; 0 where nothing is drawn
     */
    public function __construct(
        public int $width,
        public int $height,
        public bool $vector,
        public bool $transparent,
        public array $colours,
        public int $soft,
        public int $line,
    ) {
    }

    /** @return SaidArtwork */
    public function toArray(): array
    {
        return [
            'width' => $this->width,
            'height' => $this->height,
            'vector' => $this->vector,
            'transparent' => $this->transparent,
            'colours' => $this->colours,
            'soft' => $this->soft,
            'line' => $this->line,
        ];
    }

    /** @param  SaidArtwork  $said */
    public static function fromArray(array $said): self
    {
        return new self(...$said);
    }

    /** @param  int  $width  tenths of a millimetre */
    public function heightAt(int $width): int
    {
        return max(1, (int) round(($width * $this->height) / $this->width));
    }

    /** The thinnest line, in tenths of a millimetre, where it is printed so wide. */
    public function lineAt(int $width): float
    {
        return ($width * $this->line) / 100_000;
    }
}
