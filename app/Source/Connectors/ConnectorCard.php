<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** What a kind of supplier says of itself where one chooses whom to connect. */
final readonly class ConnectorCard
{
    /**
     * @param  string  $name  the supplier's, or the kind's where each connection has a name of its own
     * @param  string  $about  one sentence
     * @param  string  $address  what a new connection is offered
     * @param  string  $keyHint  where the key is found; empty when the kind needs none
     * @param  bool  $named  whether each connection has a name of its own
     * @param  bool  $mapped  whether a person says what the columns mean
     * @param  bool  $offered  whether one can connect it
     */
    public function __construct(
        public string $kind,
        public string $name,
        public string $about,
        public string $address = '',
        public string $keyHint = '',
        public bool $named = false,
        public bool $mapped = false,
        public int $order = 50,
        public bool $offered = true,
    ) {
    }
}
