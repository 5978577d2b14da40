<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

/** What became of a change. */
enum Standing: string
{
    /** It counts: a rule let it through. */
    case Followed = 'followed';

    /** It waits for a person; what was agreed stands. */
    case Asks = 'asks';

    /** The seller's word stands, or what was agreed, by a rule. */
    case Kept = 'kept';

    /** A person let it count. */
    case Agreed = 'agreed';

    /** The supplier took it back before anybody said. */
    case Settled = 'settled';
}
