<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/**
 * Something on the page that keeps shoppers from what they came for, with its figure, why it matters and what mends
 * it.
 */
final readonly class AuditFinding
{
    /**
     * @param  string  $key  the same as long as the same is found: what is waved away stays away
     * @param  string|null  $section  where it belongs, or null for the whole page
     * @param  string  $words  with the figure
     */
    public function __construct(
        public string $key,
        public ?string $section,
        public string $words,
        public string $why,
        public ?AuditMend $mend = null,
    ) {
    }
}
