<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

/** What Tannet doesn't take, and why. */
final class Refused extends \RuntimeException
{
}
