<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use WindowStall\Core\Feeds\Mapping;
use WindowStall\Source\Feeds\TableReading;

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
     * @param  TableReading  $reading  how a table is read, where a person said so
     * @param  TableReading|null  $lookedAs  how it is read while a person says what its columns mean, where otherwise
     * @param  list<string>  $late  columns that were met late in the file
     */
    private function __construct(
        public ?string $file,
        public ?Mapping $mapping,
        public string $delivery,
        public string $part,
        public ?string $looked,
        public array $late,
        public TableReading $reading,
        public ?TableReading $lookedAs,
    ) {
    }

    /** @param  array<string, mixed>  $settings */
    public static function of(array $settings): self
    {
        /**
         * @var array{
         *     file?: string|null, mapping?: SaidMapping|null, delivery?: string, part?: string, looked?: string|null,
         *     late?: list<string>, reading?: mixed, looked_as?: mixed,
         * } $settings
         */
        return new self(
            $settings['file'] ?? null,
            isset($settings['mapping']) ? Mapping::fromArray($settings['mapping']) : null,
            $settings['delivery'] ?? '',
            $settings['part'] ?? '',
            $settings['looked'] ?? null,
            $settings['late'] ?? [],
            TableReading::of($settings['reading'] ?? null),
            isset($settings['looked_as']) ? TableReading::of($settings['looked_as']) : null,
        );
    }

    /** Whether what is looked at is what pulls read: the same part, read in the same way. */
    public function looksAtWhatIsPulled(): bool
    {
        return ($this->looked === null || $this->looked === $this->part)
            && ($this->lookedAs === null || $this->lookedAs->toArray() === $this->reading->toArray());
    }
}
