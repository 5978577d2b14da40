<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRooms;

/** What Shelves gives and listens to. */
final class ShelvesServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        // What addresses name below a stall is looked for among its own.
        Stall::resolveRelationUsing('shelves', Shelf::of(...));
        Stall::resolveRelationUsing('synonyms', Synonym::of(...));
        app(PhraseRooms::class)->add(ShelfPhrases::rooms(...));
        Event::listen(ListingsChanged::class, [FillShelves::class, 'note']);
    }
}
