<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

use WindowStall\Core\Source\Gtin;

/** What a sample of a column's values looks like. Shares run from 0 to 1, of the values that aren't empty. */
final readonly class ColumnContent
{
    private function __construct(
        public int $filled,
        public float $figures,
        public float $wholes,
        public float $gtins,
        public float $addresses,
        public float $marked,
        public float $spaced,
        public float $distinct,
        public float $length,
        public float $units,
    ) {
    }

    /** @param  list<string>  $values */
    public static function of(array $values): self
    {
        $values = array_values(array_filter(array_map(trim(...), $values), static fn (string $v): bool => $v !== ''));
        $n = max(1, count($values));
        $share = static fn (callable $is): float => count(array_filter($values, $is)) / $n;

        return new self(
            count($values),
            $share(
                static fn (string $v): bool => preg_match('/^[^\p{L}\d]{0,3}\d[\d.,\s]*[^\p{L}\d]{0,3}$/u', $v) === 1 &&
                    ! Gtin::valid($v),
            ),
            $share(static fn (string $v): bool => preg_match('/^\d{1,7}$/', $v) === 1),
            $share(Gtin::valid(...)),
            $share(static fn (string $v): bool => preg_match('~^https?://~i', $v) === 1),
            $share(static fn (string $v): bool => preg_match('/<[a-z][^>]*>/i', $v) === 1),
            $share(static fn (string $v): bool => str_contains($v, ' ')),
            count(array_unique($values)) / $n,
            array_sum(array_map(mb_strlen(...), $values)) / $n,
            $share(static fn (string $v): bool => preg_match('/^[\d.,]+\s*(kg|g|gr)$/i', $v) === 1),
        );
    }

    /** How well the content fits a meaning, 0 to 1. */
    public function fits(Field $field): float
    {
        if ($this->filled === 0) {
            return 0.0;
        }

        return match ($field) {
            Field::Barcode => $this->gtins,
            Field::Picture => $this->addresses,
            Field::Words => max($this->marked, $this->length > 80 ? 0.9 : ($this->length > 45 ? 0.4 : 0.0)),
            Field::Title => $this->figures > 0.3 || $this->addresses > 0.2 || $this->marked > 0.3
                ? 0.0
                : ($this->length > 9 && $this->length < 160
                    ? 0.4 + 0.6 * $this->spaced
                    : 0.1),
            Field::Sku => $this->spaced > 0.2 || $this->addresses > 0 || $this->length > 40
                ? 0.0
                : ($this->gtins > 0.5 ? 0.2 : $this->distinct) * ($this->figures > 0.8 ? 0.5 : 1.0),
            Field::Item => $this->spaced > 0.2 || $this->addresses > 0 || $this->length > 40
                ? 0.0
                : ($this->distinct < 0.95 && $this->distinct > 0.05 ? 0.8 : 0.3) * ($this->figures > 0.8 ? 0.4 : 1.0),
            Field::Cost, Field::Rrp => $this->figures * (1.0 - 0.6 * $this->wholes),
            Field::Stock => $this->wholes,
            Field::Weight => max($this->units, $this->figures * 0.7),
            Field::Category => $this->figures > 0.3 || $this->addresses > 0
                ? 0.0
                : max(0.0, 1.0 - 1.6 * $this->distinct) * ($this->length < 60 ? 1.0 : 0.2),
            Field::Option => $this->figures > 0.9 || $this->addresses > 0 || $this->length > 30
                ? 0.0
                : max(0.0, 1.0 - 1.2 * $this->distinct),
        };
    }
}
