<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

use WindowStall\Core\Money\Money;

/**
 * What a print house says of a blank besides what it says of any item.
 *
 * @phpstan-type SaidBlank array{
 *     areas: list<array{code: string, name: string, width: int, height: int}>,
 *     methods: list<array{code: string, name: string, first: int, further: int, areas: list<string>}>,
 * }
 */
final readonly class Blank
{
    /**
     * @param  list<PrintArea>  $areas
     * @param  list<PrintMethod>  $methods
     */
    public function __construct(public array $areas, public array $methods)
    {
    }

    /** @return SaidBlank */
    public function toArray(): array
    {
        return [
            'areas' => array_map(
                static fn (PrintArea $a): array => [
                    'code' => $a->code,
                    'name' => $a->name,
                    'width' => $a->width,
                    'height' => $a->height,
                ],
                $this->areas,
            ),
            'methods' => array_map(
                static fn (PrintMethod $m): array => [
                    'code' => $m->code,
                    'name' => $m->name,
                    'first' => $m->first->minor,
                    'further' => $m->further->minor,
                    'areas' => $m->areas,
                ],
                $this->methods,
            ),
        ];
    }

    /** @param  SaidBlank  $said */
    public static function fromArray(array $said, string $currency): self
    {
        return new self(
            array_map(
                static fn (array $a): PrintArea => new PrintArea($a['code'], $a['name'], $a['width'], $a['height']),
                $said['areas'],
            ),
            array_map(
                static fn (array $m): PrintMethod => new PrintMethod(
                    $m['code'],
                    $m['name'],
                    Money::of($m['first'], $currency),
                    Money::of($m['further'], $currency),
                    $m['areas'],
                ),
                $said['methods'],
            ),
        );
    }
}
