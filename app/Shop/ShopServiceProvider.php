<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Reviews\Questions\DraftsAnswer;
use WindowStall\Shop\Ready\NoteStaleGoods;
use WindowStall\Shop\Ready\ThrowStalePages;
use WindowStall\Stall\Events\PagesWentStale;
use WindowStall\Window\Goods\PicksGood;

/** What Shop listens to, and what it answers Window. */
final class ShopServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(PicksGood::class, PickGood::class);
        $this->app->bind(DraftsAnswer::class, AnswerFromFacts::class);
    }

    public function boot(): void
    {
        Event::listen(ListingsChanged::class, NoteStaleGoods::class);
        Event::listen(PagesWentStale::class, ThrowStalePages::class);
    }
}
