<?php

declare(strict_types=1);

namespace WindowStall\Bench;

/** What a shopper can choose among in a listing. An option with a single value leaves nothing to choose. */
final readonly class OptionChoices
{
    /**
     * @param  list<VariantFigures>  $variants  those that are switched on and priced
     * @param  array<string, non-empty-list<string>>  $options  name → values, in order
     */
    private function __construct(public array $variants, public array $options)
    {
    }

    public static function of(ListingFigures $f): self
    {
        $variants = array_values(
            array_filter(
                $f->variants,
                static fn (VariantFigures $v): bool => $v->on && $v->price !== null && $v->price->minor > 0,
            ),
        );
        $options = [];
        foreach ($variants as $variant) {
            foreach ($variant->options as $name => $value) {
                if (! in_array($value, $options[$name] ?? [], true)) {
                    $options[$name][] = $value;
                }
            }
        }

        return new self($variants, array_filter($options, static fn (array $values): bool => count($values) > 1));
    }

    /**
     * What a shopper chose with a variant, "Red · M"; "" where there was nothing to choose. One that isn't on offer any
     * more is named in full.
     */
    public function chosen(VariantFigures $variant): string
    {
        return in_array($variant, $this->variants, true)
            ? implode(' · ', array_intersect_key($variant->options, $this->options))
            : $variant->label;
    }
}
