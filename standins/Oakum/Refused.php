<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** An order Oakum doesn't take, with the reason it gives. */
final class Refused extends \RuntimeException
{
}
