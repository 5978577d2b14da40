<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use WindowStall\Core\UserMessage;
use WindowStall\Support\Speech\Speech;

/** The payment service can't be reached or is too slow; in words for the shopper. */
final class PaymentTrouble extends \RuntimeException implements UserMessage
{
    private function __construct(public readonly Trouble $trouble)
    {
        parent::__construct(Speech::say('till.trouble.'.$trouble->value));
    }

    public static function away(): self
    {
        return new self(Trouble::Away);
    }

    public static function slow(): self
    {
        return new self(Trouble::Slow);
    }

    public function isSlow(): bool
    {
        return $this->trouble === Trouble::Slow;
    }
}
