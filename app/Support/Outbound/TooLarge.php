<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

/** What is being fetched is larger than it may be; the transfer was stopped. */
final class TooLarge extends \RuntimeException
{
}
