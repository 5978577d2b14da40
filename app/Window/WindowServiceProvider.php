<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Offers\Events\SetsMoved;
use WindowStall\Stall\Events\ClockMoved;
use WindowStall\Stall\Events\StallOpened;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRooms;
use WindowStall\Window\Languages\WindowPhrases;
use WindowStall\Window\Written\WrittenPage;

/** What Window listens to. */
final class WindowServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        // What addresses name below a stall is looked for among its own.
        Stall::resolveRelationUsing('pages', WrittenPage::dressed(...));
        app(PhraseRooms::class)->add(WindowPhrases::rooms(...));
        Event::listen(ClockMoved::class, TurnSections::class);
        Event::listen(SetsMoved::class, NoteTurns::class);
        Event::listen(StallOpened::class, DressNewStall::class);
    }
}
