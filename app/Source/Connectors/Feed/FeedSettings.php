<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use WindowStall\Core\Feeds\Mapping;

/**
 * What is kept of a connection by file: where an uploaded file lies, what the columns mean, what delivery costs.
 *
 * @phpstan-import-type SaidMapping from Mapping
 */
final readonly class FeedSettings
{
    private function __construct(public ?string $file, public ?Mapping $mapping, public string $delivery)
    {
    }

    /** @param  array<string, mixed>  $settings */
    public static function of(array $settings): self
    {
        /** @var array{file?: string|null, mapping?: SaidMapping|null, delivery?: string} $settings */
        return new self(
            $settings['file'] ?? null,
            isset($settings['mapping']) ? Mapping::fromArray($settings['mapping']) : null,
            $settings['delivery'] ?? '',
        );
    }
}
