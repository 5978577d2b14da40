<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Pictures\Picture;

/** A listing's pictures. */
final readonly class PicturesView
{
    /**
     * @param  list<PictureView>  $shown  in their order
     * @param  list<PictureView>  $spare  of this listing but not shown
     * @param  int  $waiting  how many are still being fetched
     */
    public function __construct(public array $shown, public bool $held, public array $spare, public int $waiting)
    {
    }

    public static function of(ListingFigures $f): self
    {
        $shown = array_map(static fn (Picture $p): int => $p->id, $f->pictures);
        $all = $f->listing->pictures;

        return new self(
            shown: PictureView::list($f->pictures),
            held: $f->picturesHeld,
            spare: PictureView::each($all->whereNotIn('id', $shown)->all()),
            waiting: $all->where('state', Picture::WAITING)->count(),
        );
    }
}
