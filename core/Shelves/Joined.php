<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** How the parts of a rule go together. */
enum Joined: string
{
    case All = 'all';
    case Any = 'any';

    /** @param  list<bool>  $holding  without any, all hold and none does */
    public function of(array $holding): bool
    {
        return $this === self::All ? ! in_array(false, $holding, true) : in_array(true, $holding, true);
    }
}
