<?php

declare(strict_types=1);

namespace WindowStall\Core\Payment;

/** How a shopper can pay. */
enum PayMethod: string
{
    case Card = 'card';
    case Transfer = 'transfer';
    case Later = 'later';

    /** As a shopper chooses it. */
    public function words(): string
    {
        return match ($this) {
            self::Card => 'By card',
            self::Transfer => 'By bank transfer',
            self::Later => 'In 30 days',
        };
    }

    /** What it means for them. */
    public function means(): string
    {
        return match ($this) {
            self::Card => 'Paid and done at once.',
            self::Transfer => 'It is packed once the money is here.',
            self::Later => 'The payment service decides whether you may.',
        };
    }
}
