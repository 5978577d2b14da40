<?php

declare(strict_types=1);

namespace WindowStall\Support;

use WindowStall\Core\Said;

/** Something asked for can't be done; the message says why and what to do instead. */
final class Refusal extends \RuntimeException implements Said
{
}
