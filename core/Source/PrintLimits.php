<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/**
 * What a way of printing can hold.
 *
 * @phpstan-type SaidLimits array{
 *     leastDpi: int, bestDpi: int, mostDpi: int, line: int, threads: int|null, reach: int|null, soft: bool,
 *     format: string, breaks: list<array{int, int}>,
 * }
 */
final readonly class PrintLimits
{
    /**
     * @param  int  $leastDpi  dots to the inch under which a file is refused
     * @param  int  $bestDpi  that a file is made at
     * @param  int  $line  the thinnest that holds, in tenths of a millimetre
     * @param  int|null  $threads  colours at most; null for any
     * @param  int|null  $reach  CIELAB chroma (CIE 15) beyond which colours are muted; null for all of sRGB
     * @param  bool  $soft  whether half-transparent parts can be printed
     * @param  string  $format  "png" or "pdf"
     * @param  list<array{int, int}>  $breaks  from so many pieces, basis points off printing
     */
    public function __construct(
        public int $leastDpi = 150,
        public int $bestDpi = 300,
        public int $mostDpi = 600,
        public int $line = 0,
        public ?int $threads = null,
        public ?int $reach = null,
        public bool $soft = true,
        public string $format = 'png',
        public array $breaks = [],
    ) {
    }

    /** @return SaidLimits */
    public function toArray(): array
    {
        return [
            'leastDpi' => $this->leastDpi,
            'bestDpi' => $this->bestDpi,
            'mostDpi' => $this->mostDpi,
            'line' => $this->line,
            'threads' => $this->threads,
            'reach' => $this->reach,
            'soft' => $this->soft,
            'format' => $this->format,
            'breaks' => $this->breaks,
        ];
    }
}
