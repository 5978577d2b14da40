<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Plates;

use WindowStall\Core\Source\PrintArea;

/**
 * How a print area lies on a plate.
 *
 * @phpstan-type SaidForm array{form: string, corners?: list<array{float, float}>, left?: float, right?: float, top?: float,
 *     bottom?: float, span?: float}
 */
abstract readonly class PlateForm
{
    public function __construct(protected PrintArea $area)
    {
    }

    /**
     * Which point of the area is seen at a point of the plate.
     *
     * @param  float  $x  in the plate's units
     * @return array{float, float}|null millimetres from the area's upper left corner; null where it can't be seen. What
     *                                  lies outside of the area is said, too
     */
    abstract public function pointAt(float $x, float $y): ?array;

    /** Units of the plate for a millimetre, at the most. */
    abstract public function density(): float;

    /**
     * @param  SaidForm  $said
     *
     * @throws \InvalidArgumentException
     */
    public static function fromArray(array $said, PrintArea $area): self
    {
        if ($said['form'] === 'round' && isset($said['left'], $said['right'], $said['top'], $said['bottom'], $said['span'])) {
            return new RoundForm($area, $said['left'], $said['right'], $said['top'], $said['bottom'], $said['span']);
        }
        if ($said['form'] === 'flat' && count($said['corners'] ?? []) === 4) {
            return new FlatForm($area, $said['corners']);
        }
        throw new \InvalidArgumentException('An area of a plate is flat with four corners, or round.');
    }
}
