<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Source\Connectors\ConnectorCard;

/** A kind of supplier that can be connected. */
final readonly class KindView
{
    public function __construct(
        public string $kind,
        public string $name,
        public string $about,
        public string $address,
        public string $keyHint,
        public bool $mapped,
    ) {
    }

    public static function of(ConnectorCard $card): self
    {
        return new self(
            kind: $card->kind,
            name: $card->name,
            about: $card->about,
            address: $card->address,
            keyHint: $card->keyHint,
            mapped: $card->mapped,
        );
    }
}
