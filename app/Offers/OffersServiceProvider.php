<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use Illuminate\Support\ServiceProvider;
use WindowStall\Stall\Stall;

/** What addresses name below a stall is looked for among its own. */
final class OffersServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Stall::resolveRelationUsing('codes', Code::of(...));
    }
}
