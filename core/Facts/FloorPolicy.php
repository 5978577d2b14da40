<?php

declare(strict_types=1);

namespace WindowStall\Core\Facts;

/** What becomes of a price that stands and falls under its floor, as when a cost rises and the price is held. */
enum FloorPolicy: string
{
    /** The recipe's price takes its place. */
    case Raise = 'raise';

    /** It stands, nobody is asked, and the variant isn't sold meanwhile. */
    case Pause = 'pause';

    /** A person is asked, and the variant isn't sold meanwhile. */
    case Ask = 'ask';

    public function words(): string
    {
        return match ($this) {
            self::Raise => 'raise it by the recipe',
            self::Pause => 'stop selling it',
            self::Ask => 'stop selling it and ask me',
        };
    }
}
