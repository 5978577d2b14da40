<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\UserMessage;

/** Parts that make no recipe together. */
final class RecipeUnreadable extends \InvalidArgumentException implements UserMessage
{
}
