<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;
use WindowStall\Window\KeptLooks;

/** Looks to choose from. */
final readonly class LooksView
{
    /**
     * @param  list<OfferedLookView>  $starters
     * @param  list<OfferedLookView>  $kept
     */
    public function __construct(public array $starters, public array $kept)
    {
    }

    public static function of(Stall $stall, KeptLooks $kept): self
    {
        $own = [];
        foreach ($kept->all($stall) as $id => $look) {
            $own[] = OfferedLookView::of($stall, $look->name, 'kept by you', LookForm::of($look->plan), $id);
        }

        return new self(
            starters: array_map(
                static fn (StarterLook $s): OfferedLookView => OfferedLookView::of(
                    $stall,
                    $s->words(),
                    $s->about(),
                    LookForm::of($s->plan()),
                    key: $s->value,
                ),
                StarterLook::cases(),
            ),
            kept: $own,
        );
    }
}
