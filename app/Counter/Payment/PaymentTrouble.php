<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use WindowStall\Core\Said;

/** The payment service can't be reached or is too slow; in words for the shopper. */
final class PaymentTrouble extends \RuntimeException implements Said
{
    private function __construct(string $message, public readonly bool $slow = false)
    {
        parent::__construct($message);
    }

    public static function away(): self
    {
        return new self(
            'The payment service doesn’t answer just now. Nothing was charged and your basket is kept; try again in '.
                'a minute.',
        );
    }

    public static function slow(): self
    {
        return new self('The payment is still being confirmed.', slow: true);
    }
}
