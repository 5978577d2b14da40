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
    /**
     * @param  string  $part  the sheet or list of the file that a person chose; "" for the one most like goods
     * @param  string|null  $looked  the one that is looked at while a person says what its columns mean, where it is
     *     another
     * @param  list<string>  $late  columns that were met late in the file
     */
    private function __construct(
        public ?string $file,
        public ?Mapping $mapping,
        public string $delivery,
        public string $part,
        public ?string $looked,
        public array $late,
    ) {
    }

    /** @param  array<string, mixed>  $settings */
    public static function of(array $settings): self
    {
        /** @var array{file?: string|null, mapping?: SaidMapping|null, delivery?: string, part?: string, looked?: string|null, late?: list<string>} $settings */
        return new self(
            $settings['file'] ?? null,
            isset($settings['mapping']) ? Mapping::fromArray($settings['mapping']) : null,
            $settings['delivery'] ?? '',
            $settings['part'] ?? '',
            $settings['looked'] ?? null,
            $settings['late'] ?? [],
        );
    }
}
