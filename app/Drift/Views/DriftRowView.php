<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Bench\ListingFigures;

/** A listing whose supplier says something new. */
final readonly class DriftRowView
{
    /** @param  list<ChangeView>  $changes */
    public function __construct(public int $id, public string $title, public ?string $picture, public string $supplier, public string $stateWords, public array $changes)
    {
    }

    public static function of(ListingFigures $f): self
    {
        return new self($f->listing->id, $f->title->shown(), ($f->pictures[0] ?? null)?->url(320), (string) $f->listing->supplierItem?->connection?->name, $f->listing->state->words(), ChangeView::list($f));
    }
}
