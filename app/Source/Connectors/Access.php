<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** Where a supplier answers, with what key, and what else its kind needs to know. */
final readonly class Access
{
    /**
     * @param  array<string, mixed>  $settings  the connection's own, as its kind keeps them
     * @param  int  $patience  seconds one may wait in all for a supplier that is busy; a person at a screen has none
     * @param  int|null  $seconds  the most that one answer may take, where that is less than the connector would wait
     * @param  int|null  $connection  whose goods are known already; null where nothing is to be spared
     */
    public function __construct(
        public string $address,
        #[\SensitiveParameter] public string $key,
        public array $settings = [],
        public int $patience = 0,
        public ?int $seconds = null,
        public ?int $connection = null,
    ) {
    }
}
