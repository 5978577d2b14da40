<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Window\Written\PageKind;

/** The pages a seller writes, those there could be, and how the policies stand. */
final readonly class PagesView
{
    /**
     * @param  list<WrittenPageView>  $pages
     * @param  array<string, string>  $missing  kinds of pages there aren't yet: kind → what it is called
     */
    public function __construct(public array $pages, public array $missing, public PoliciesView $policies)
    {
    }

    public static function of(Stall $stall): self
    {
        $pages = WrittenPageView::all($stall);
        $there = array_column($pages, 'kind');
        $missing = [];
        foreach ([PageKind::About, PageKind::Contact, PageKind::Questions] as $kind) {
            if (! in_array($kind->value, $there, true)) {
                $missing[$kind->value] = $kind->heading();
            }
        }

        return new self(pages: $pages, missing: $missing, policies: PoliciesView::of($stall));
    }
}
