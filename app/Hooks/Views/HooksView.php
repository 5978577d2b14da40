<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Views;

use WindowStall\Hooks\Hook;
use WindowStall\Hooks\HookEvent;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\ChoiceView;

/** Programs that are told, and what they can be told of. */
final readonly class HooksView
{
    /**
     * @param  list<HookView>  $hooks
     * @param  list<ChoiceView>  $events
     */
    public function __construct(public array $hooks, public array $events)
    {
    }

    public static function of(Stall $stall): self
    {
        $hooks = Hook::query()->where('stall_id', $stall->id)->orderBy('id')->get();

        return new self(
            hooks: array_values($hooks->map(HookView::of(...))->all()),
            events: array_map(
                static fn (HookEvent $e): ChoiceView => new ChoiceView($e->value, $e->words()),
                HookEvent::cases(),
            ),
        );
    }
}
