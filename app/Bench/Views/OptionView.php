<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;

/** One option of a listing: the supplier's name and values, and what the seller calls them ("" where they follow). */
final readonly class OptionView
{
    /** @param  list<OptionValueView>  $values */
    public function __construct(public string $name, public string $own, public array $values, public bool $dropped)
    {
    }

    /** @return list<self> */
    public static function list(ListingFigures $f): array
    {
        $names = $f->listing->own_names ?? [];
        $found = [];
        foreach ($f->variants as $variant) {
            foreach ($variant->said->options ?? [] as $name => $value) {
                $found[$name][$value] ??= new OptionValueView($value, $names[$name]['values'][$value] ?? '');
            }
        }

        $ordered = array_values(
            array_unique([
                ...array_values(array_intersect($f->listing->own_option_order, array_keys($found))),
                ...array_map(strval(...), array_keys($found)),
            ]),
        );

        return array_map(
            static fn (string $name, array $values): self => new self(
                name: $name,
                own: $names[$name]['as'] ?? '',
                values: array_values($values),
                dropped: in_array($name, $f->listing->own_dropped, true),
            ),
            $ordered,
            array_map(static fn (string $n): array => $found[$n], $ordered),
        );
    }
}
