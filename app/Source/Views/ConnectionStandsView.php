<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** Whether a supplier is reached, what it last told, and what is amiss. */
final readonly class ConnectionStandsView
{
    /**
     * @param  string|null  $news  how old what is seen of it may be; null where it sends none
     * @param  bool  $missed  whether news of it was missed
     */
    public function __construct(
        public bool $connected,
        public ?string $pulled,
        public ?string $news,
        public bool $missed,
        public ?string $trouble,
    ) {
    }
}
