<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Placing;

/**
 * What lies on one area, and how it is printed.
 *
 * @phpstan-type SaidLaid array{area: string, method: string, pieces: list<SaidPiece>, ground?: string}
 *
 * @phpstan-import-type SaidPiece from Piece
 */
final readonly class Laid
{
    /**
     * @param  list<Piece>  $pieces  the lowest first
     * @param  string|null  $ground  "#f2ead8": what the whole area and its bleed are printed in under them
     */
    public function __construct(
        public string $area,
        public string $method,
        public array $pieces,
        public ?string $ground = null,
    ) {
    }

    /** @return SaidLaid */
    public function toArray(): array
    {
        return [
            'area' => $this->area,
            'method' => $this->method,
            'pieces' => array_map(static fn (Piece $p): array => $p->toArray(), $this->pieces),
        ] + ($this->ground === null ? [] : ['ground' => $this->ground]);
    }

    /** @param  array<int, Piece>  $pieces  those that change, by their place */
    public function with(?string $method = null, array $pieces = []): self
    {
        return new self($this->area, $method ?? $this->method, array_values(array_replace($this->pieces, $pieces)), $this->ground);
    }

    public function onGround(?string $ground): self
    {
        return new self($this->area, $this->method, $this->pieces, $ground);
    }
}
