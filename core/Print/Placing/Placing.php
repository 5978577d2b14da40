<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Placing;

use WindowStall\Core\Source\Blank;

/**
 * Which artworks lie where on a blank, on which of its colours and sizes.
 *
 * @phpstan-type SaidPlacing array{
 *     laid: list<SaidLaid>, colours: list<string>, sizes: list<string>, instead: array<string, array<int, int>>,
 * }
 *
 * @phpstan-import-type SaidLaid from Laid
 */
final readonly class Placing
{
    /** Tenths of a millimetre that anything may be long or lie away: ten metres. */
    private const FAR = 100_000;

    private const MOST_PIECES = 40;

    /**
     * @param  list<Laid>  $laid  an area once at most
     * @param  list<string>  $colours  of the blank
     * @param  list<string>  $sizes
     * @param  array<string, array<int, int>>  $instead  colour → artwork → the one that lies there on it
     */
    public function __construct(
        public array $laid,
        public array $colours,
        public array $sizes,
        public array $instead = [],
    ) {
    }

    public function on(string $area): ?Laid
    {
        return array_column($this->laid, null, 'area')[$area] ?? null;
    }

    /** @return list<Laid> where something lies */
    public function printed(): array
    {
        return array_values(array_filter($this->laid, static fn (Laid $l): bool => $l->pieces !== []));
    }

    /** @return list<int> all that it uses */
    public function artworks(): array
    {
        $used = [];
        foreach ($this->laid as $laid) {
            foreach ($laid->pieces as $piece) {
                $used[] = $piece->artwork;
            }
        }

        return array_values(array_unique([...$used, ...array_merge(...array_map('array_values', array_values($this->instead)))]));
    }

    /**
     * The same without reading it against a blank.
     *
     * @param  array<mixed>  $said  as {@see toArray()} gives it
     * @return list<int>
     */
    public static function artworksSaid(array $said): array
    {
        $used = [];
        foreach (is_array($said['laid'] ?? null) ? $said['laid'] : [] as $laid) {
            $pieces = is_array($laid) && is_array($laid['pieces'] ?? null) ? $laid['pieces'] : [];
            $used = [...$used, ...array_column($pieces, 'artwork')];
        }
        foreach (is_array($said['instead'] ?? null) ? $said['instead'] : [] as $swaps) {
            $used = [...$used, ...array_values(is_array($swaps) ? $swaps : [])];
        }

        return array_values(array_unique(array_filter($used, is_int(...))));
    }

    public function artworkOn(string $colour, int $artwork): int
    {
        return $this->instead[$colour][$artwork] ?? $artwork;
    }

    public function laying(Laid $laid): self
    {
        $others = array_filter($this->laid, static fn (Laid $l): bool => $l->area !== $laid->area);

        return new self(array_values([...$others, $laid]), $this->colours, $this->sizes, $this->instead);
    }

    /** @param  list<string>  $colours */
    public function inColours(array $colours): self
    {
        return new self($this->laid, $colours, $this->sizes, array_intersect_key($this->instead, array_flip($colours)));
    }

    /** @param  list<string>  $colours  on which another artwork lies */
    public function swapping(int $artwork, int $for, array $colours): self
    {
        $instead = $this->instead;
        foreach ($colours as $colour) {
            $instead[$colour][$artwork] = $for;
        }

        return new self($this->laid, $this->colours, $this->sizes, $instead);
    }

    /**
     * Other artworks at the same places, as wide as those were.
     *
     * @param  array<int, int>  $by  the number of one → of the other
     */
    public function replacing(array $by): self
    {
        $instead = [];
        foreach ($this->instead as $colour => $swaps) {
            foreach ($swaps as $artwork => $other) {
                $instead[$colour][$by[$artwork] ?? $artwork] = $by[$other] ?? $other;
            }
        }

        return new self(
            array_map(static fn (Laid $l): Laid => $l->with(pieces: array_map(
                static fn (Piece $p): Piece => $p->with(artwork: $by[$p->artwork] ?? $p->artwork),
                $l->pieces,
            )), $this->laid),
            $this->colours,
            $this->sizes,
            $instead,
        );
    }

    /** @return SaidPlacing */
    public function toArray(): array
    {
        return [
            'laid' => array_map(static fn (Laid $l): array => $l->toArray(), $this->laid),
            'colours' => $this->colours,
            'sizes' => $this->sizes,
            'instead' => $this->instead,
        ];
    }

    /**
     * What somebody sent, held to what the blank has. Colours and sizes that it hasn't (any more) fall away.
     *
     * @param  array<mixed>  $said
     *
     * @throws PlacingUnreadable
     */
    public static function read(array $said, Blank $blank): self
    {
        $laid = [];
        $pieces = 0;
        foreach (self::list($said['laid'] ?? []) as $one) {
            $one = self::read1($one, $blank);
            if (isset($laid[$one->area])) {
                throw new PlacingUnreadable('Each area can be said once.');
            }
            $laid[$one->area] = $one;
            $pieces += count($one->pieces);
        }
        if ($pieces > self::MOST_PIECES) {
            throw new PlacingUnreadable(sprintf('At most %d pieces can lie on a blank.', self::MOST_PIECES));
        }
        $colours = self::among($said['colours'] ?? [], array_keys($blank->colours));
        $instead = [];
        foreach (is_array($said['instead'] ?? null) ? $said['instead'] : [] as $colour => $swaps) {
            foreach (is_array($swaps) && in_array((string) $colour, $colours, true) ? $swaps : [] as $artwork => $other) {
                $instead[(string) $colour][(int) $artwork] = self::whole($other, 1, PHP_INT_MAX, 'An artwork');
            }
        }

        return new self(array_values($laid), $colours, self::texts($said['sizes'] ?? []), $instead);
    }

    private static function read1(mixed $said, Blank $blank): Laid
    {
        $area = is_array($said) && is_string($said['area'] ?? null) ? $blank->area($said['area']) : null;
        $method = is_array($said) && is_string($said['method'] ?? null) ? $blank->method($said['method']) : null;
        if (! is_array($said) || $area === null) {
            throw new PlacingUnreadable('This blank has no such area. Look at its areas and choose one.');
        }
        if ($method === null || ! in_array($area->code, $method->areas, true)) {
            throw new PlacingUnreadable(sprintf('%s can’t be printed that way. Choose another method.', $area->name));
        }

        $ground = $said['ground'] ?? null;
        if ($ground !== null && (! is_string($ground) || preg_match('/^#[0-9a-f]{6}$/D', $ground) !== 1)) {
            throw new PlacingUnreadable('Its ground isn’t a colour that can be used here.');
        }
        $pieces = array_map(static function (mixed $piece): Piece {
            $piece = is_array($piece) ? $piece : [];

            return new Piece(
                self::whole($piece['artwork'] ?? null, 1, PHP_INT_MAX, 'An artwork'),
                self::whole($piece['x'] ?? null, -self::FAR, self::FAR, 'Where it lies'),
                self::whole($piece['y'] ?? null, -self::FAR, self::FAR, 'Where it lies'),
                self::whole($piece['width'] ?? null, 1, self::FAR, 'Its width'),
                ((self::whole($piece['turn'] ?? 0, -36_000, 36_000, 'Its turn') % 3600) + 3600) % 3600,
                ($piece['repeat'] ?? false) === true,
            );
        }, self::list($said['pieces'] ?? []));

        return new Laid($area->code, $method->code, $pieces, $ground);
    }

    private static function whole(mixed $said, int $least, int $most, string $what): int
    {
        return is_int($said) && $said >= $least && $said <= $most
            ? $said
            : throw new PlacingUnreadable($what.' isn’t a number that can be used here.');
    }

    /** @return list<mixed> */
    private static function list(mixed $said): array
    {
        return is_array($said) && array_is_list($said)
            ? $said
            : throw new PlacingUnreadable('What lies on the blank can’t be read.');
    }

    /** @return list<string> */
    private static function texts(mixed $said): array
    {
        return array_values(array_unique(array_filter(self::list($said), is_string(...))));
    }

    /**
     * @param  list<string>  $known
     * @return list<string> in the blank's order
     */
    private static function among(mixed $said, array $known): array
    {
        $said = self::texts($said);

        return array_values(array_filter($known, static fn (string $one): bool => in_array($one, $said, true)));
    }
}
