<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Support\ServiceProvider;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Stall\Stall;

/** What addresses name below a stall is looked for among its own. */
final class ReviewsServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Stall::resolveRelationUsing('reviews', Review::of(...));
        Stall::resolveRelationUsing('questions', GoodsQuestion::of(...));
    }
}
