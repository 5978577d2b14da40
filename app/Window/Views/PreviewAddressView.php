<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** Where somebody else can look at the working copy. */
final readonly class PreviewAddressView
{
    public function __construct(public string $address)
    {
    }
}
