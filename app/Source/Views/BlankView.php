<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;
use WindowStall\Support\Views\MoneyView;

/** What can be printed on a blank, in lines: "Front, 300 × 400 mm" and "Direct print: 4.20, each further area 3.10". */
final readonly class BlankView
{
    /**
     * @param  list<string>  $areas
     * @param  list<string>  $methods
     */
    public function __construct(public array $areas, public array $methods)
    {
    }

    public static function of(Blank $blank): self
    {
        $names = array_column(array_map(static fn (PrintArea $a): array => [$a->code, $a->name], $blank->areas), 1, 0);

        return new self(
            array_map(
                static fn (PrintArea $a): string => sprintf('%s, %d × %d mm', $a->name, $a->width, $a->height),
                $blank->areas,
            ),
            array_map(
                static fn (PrintMethod $m): string => sprintf(
                    '%s: %s%s, on %s',
                    $m->name,
                    MoneyView::text($m->first),
                    $m->further->minor > 0 && count($m->areas) > 1
                        ? ', each further area '.MoneyView::text($m->further)
                        : '',
                    mb_strtolower(
                        implode(', ', array_map(static fn (string $a): string => $names[$a] ?? $a, $m->areas)),
                    ),
                ),
                $blank->methods,
            ),
        );
    }
}
