<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Payment\MethodTerms;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;

/** A way to pay as it is typed; "" where nothing is said. */
final readonly class WrittenMethodView
{
    /** @param  list<string>  $countries */
    public function __construct(
        public bool $on,
        public array $countries,
        public string $least,
        public string $most,
        public string $fee,
        public string $fixed,
    ) {
    }

    public static function of(MethodTerms $terms): self
    {
        $digits = static fn (?Money $money): string => $money?->digits() ?? '';

        return new self(
            on: $terms->on,
            countries: $terms->countries,
            least: $digits($terms->least),
            most: $digits($terms->most),
            fee: $terms->fee === null ? '' : RecipeNotation::decimal($terms->fee->millionths),
            fixed: $digits($terms->fixed),
        );
    }
}
