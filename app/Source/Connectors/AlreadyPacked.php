<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** Nothing can be laid into the parcel of that order any more; what was asked for wasn't ordered. */
final class AlreadyPacked extends \RuntimeException
{
}
