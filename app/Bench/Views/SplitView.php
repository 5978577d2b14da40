<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\MakeUp\SplitListing;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Source\ProductGroup;

/** The parts the program proposes to split a listing into. */
final readonly class SplitView
{
    /** @param  list<SplitPartView>  $parts */
    public function __construct(public ?string $option, public array $parts)
    {
    }

    public static function of(ListingFigures $f): self
    {
        $groups = SplitListing::proposal($f);
        $sources = $f->listing->pictures->keyBy('source');
        $variant = static fn (VariantFigures $v): SplitVariantView => new SplitVariantView(
            id: $v->row->id,
            label: $v->label === '' ? 'One kind' : $v->label,
            picture: $v->pictureSource === null ? null : $sources->get($v->pictureSource)?->url(80),
            landed: $v->landed === null ? '' : $v->landed->digits(),
        );
        $parts = array_map(
            static fn (ProductGroup $g): SplitPartView => new SplitPartView(
                $g->name,
                array_map(
                    $variant,
                    array_values(
                        array_filter(
                            $f->variants,
                            static fn (VariantFigures $v): bool => in_array($v->row->external_id, $g->variants, true),
                        ),
                    ),
                ),
            ),
            $groups->groups,
        );
        $rest = array_values(
            array_filter(
                $f->variants,
                static fn (VariantFigures $v): bool => array_filter(
                    $groups->groups,
                    static fn (ProductGroup $g): bool => in_array($v->row->external_id, $g->variants, true),
                ) === [],
            ),
        );
        $parts = array_values(array_filter($parts, static fn (SplitPartView $p): bool => $p->variants !== []));
        if ($rest !== []) {
            $parts[] = new SplitPartView('', array_map($variant, $rest));
        }

        return new self($groups->option, $parts);
    }
}
