<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/**
 * A part of a blank that can be printed; millimetres.
 *
 * @phpstan-type SaidArea array{
 *     code: string, name: string, width: int, height: int, left?: int, top?: int, safe?: int, bleed?: int, from?: string,
 *     fromTop?: int|null,
 * }
 */
final readonly class PrintArea
{
    /**
     * @param  int  $left  from the blank's drawn sheet's left edge
     * @param  int  $safe  what is nearer to its edge may be cut off or slip
     * @param  int  $bleed  how far beyond it a print that reaches the edge has to go
     * @param  string  $from  what its upper edge is measured from: "the collar"
     * @param  int|null  $fromTop  where that lies on the sheet; null for the upper edge itself
     */
    public function __construct(
        public string $code,
        public string $name,
        public int $width,
        public int $height,
        public int $left = 0,
        public int $top = 0,
        public int $safe = 0,
        public int $bleed = 0,
        public string $from = 'the edge',
        public ?int $fromTop = null,
    ) {
    }

    /** @return SaidArea */
    public function toArray(): array
    {
        return [
            'code' => $this->code,
            'name' => $this->name,
            'width' => $this->width,
            'height' => $this->height,
            'left' => $this->left,
            'top' => $this->top,
            'safe' => $this->safe,
            'bleed' => $this->bleed,
            'from' => $this->from,
            'fromTop' => $this->fromTop,
        ];
    }

    /** @param  SaidArea  $said */
    public static function fromArray(array $said): self
    {
        return new self(...$said);
    }
}
