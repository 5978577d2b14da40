<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

use WindowStall\Core\Source\Gtin;

/**
 * What a sample of a column's values looks like. Shares run from 0 to 1, of the values that aren't empty.
 *
 * The limits and weights below have no source but trial: they are what reads the sample files of suppliers rightly
 * (tests/Core/Feeds/Samples), with room to both sides.
 */
final readonly class ColumnContent
{
    /** From this share on a column holds figures, addresses or markup, and no names. */
    private const NO_NAME = ['figures' => 0.3, 'addresses' => 0.2, 'marked' => 0.3];

    /** Shares of values with spaces above which a column holds no codes, and letters above which none of them does. */
    private const CODE = ['spaced' => 0.2, 'letters' => 40];

    /** Nearly all values are figures: codes can be, but seldom are; options hardly. */
    private const ALL_FIGURES = ['code' => 0.8, 'option' => 0.9];

    /** Letters on average, and how well such texts fit as words. */
    private const PROSE = ['long' => 80, 'longish' => 45];

    private const PROSE_FITS = ['long' => 0.9, 'longish' => 0.4];

    /** Letters of a title on average, between; what it fits by that alone, and by words of several parts besides. */
    private const TITLE = ['least' => 9, 'most' => 160];

    private const TITLE_FITS = ['length' => 0.4, 'spaced' => 0.6, 'otherwise' => 0.1];

    /** How well codes fit that are barcodes, or figures throughout. */
    private const SKU_FITS = ['barcodes' => 0.2, 'figures' => 0.5];

    /** An item's code comes several times, but not always: shares of different values, and how well each fits. */
    private const ITEM = ['least' => 0.05, 'most' => 0.95];

    private const ITEM_FITS = ['repeated' => 0.8, 'otherwise' => 0.3, 'figures' => 0.4];

    /** By how much whole numbers speak against an amount, and figures without a unit for a weight. */
    private const AMOUNT_WHOLE = 0.6;

    private const WEIGHT_BARE = 0.7;

    /** How fast a column ceases to be of few values as more of them differ; and letters on average. */
    private const CATEGORY = ['distinct' => 1.6, 'letters' => 60, 'long' => 0.2];

    private const OPTION = ['distinct' => 1.2, 'letters' => 30];

    private function __construct(
        public int $filled,
        public float $figures,
        public float $wholes,
        public float $stocks,
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
                static fn (string $v): bool => self::isFigure($v) && ! Gtin::valid($v),
            ),
            $share(static fn (string $v): bool => preg_match('/^\d{1,7}$/', $v) === 1),
            $share(StockWords::fits(...)),
            $share(Gtin::valid(...)),
            $share(static fn (string $v): bool => preg_match('~^https?://~i', $v) === 1),
            $share(static fn (string $v): bool => preg_match('/<[a-z][^>]*>/i', $v) === 1),
            $share(static fn (string $v): bool => str_contains($v, ' ')),
            count(array_unique($values)) / $n,
            array_sum(array_map(mb_strlen(...), $values)) / $n,
            $share(static fn (string $v): bool => preg_match('/^[\d.,]+\s*(kg|g|gr)$/i', $v) === 1),
        );
    }

    /** With or without what stands for money, whichever sign parts the fraction. */
    private static function isFigure(string $value): bool
    {
        return preg_match('/^[^\p{L}\d]{0,3}\d[\d.,\s]*[^\p{L}\d]{0,3}$/u', $value) === 1
            || DecimalSign::Point->read($value) !== null
            || DecimalSign::Comma->read($value) !== null;
    }

    /** How well the content fits a meaning, 0 to 1. */
    public function fits(FeedField $field): float
    {
        if ($this->filled === 0) {
            return 0.0;
        }

        return match ($field) {
            FeedField::Barcode => $this->gtins,
            FeedField::Picture => $this->addresses,
            FeedField::Words => max($this->marked, $this->asProse()),
            FeedField::Title => $this->asTitle(),
            FeedField::Sku => $this->asSku(),
            FeedField::Item => $this->asItem(),
            FeedField::Cost, FeedField::Rrp => $this->figures * (1.0 - self::AMOUNT_WHOLE * $this->wholes),
            FeedField::Stock => $this->stocks,
            FeedField::Weight => max($this->units, $this->figures * self::WEIGHT_BARE),
            FeedField::Category => $this->asCategory(),
            FeedField::Option => $this->asOption(),
        };
    }

    private function asProse(): float
    {
        return match (true) {
            $this->length > self::PROSE['long'] => self::PROSE_FITS['long'],
            $this->length > self::PROSE['longish'] => self::PROSE_FITS['longish'],
            default => 0.0,
        };
    }

    private function asTitle(): float
    {
        $other = $this->figures > self::NO_NAME['figures']
            || $this->addresses > self::NO_NAME['addresses']
            || $this->marked > self::NO_NAME['marked'];
        $fits = $this->length > self::TITLE['least'] && $this->length < self::TITLE['most'];

        return match (true) {
            $other => 0.0,
            $fits => self::TITLE_FITS['length'] + self::TITLE_FITS['spaced'] * $this->spaced,
            default => self::TITLE_FITS['otherwise'],
        };
    }

    private function noCode(): bool
    {
        return $this->spaced > self::CODE['spaced'] || $this->addresses > 0 || $this->length > self::CODE['letters'];
    }

    private function asSku(): float
    {
        $codes = $this->gtins > 0.5 ? self::SKU_FITS['barcodes'] : $this->distinct;

        return $this->noCode() ? 0.0 : $codes * $this->ofFigures(self::SKU_FITS['figures']);
    }

    private function asItem(): float
    {
        $repeated = $this->distinct < self::ITEM['most'] && $this->distinct > self::ITEM['least'];
        $codes = $repeated ? self::ITEM_FITS['repeated'] : self::ITEM_FITS['otherwise'];

        return $this->noCode() ? 0.0 : $codes * $this->ofFigures(self::ITEM_FITS['figures']);
    }

    /** What is left of a fit where nearly all values are figures. */
    private function ofFigures(float $weight): float
    {
        return $this->figures > self::ALL_FIGURES['code'] ? $weight : 1.0;
    }

    private function asCategory(): float
    {
        if ($this->figures > self::NO_NAME['figures'] || $this->addresses > 0) {
            return 0.0;
        }
        $few = max(0.0, 1.0 - self::CATEGORY['distinct'] * $this->distinct);

        return $few * ($this->length < self::CATEGORY['letters'] ? 1.0 : self::CATEGORY['long']);
    }

    private function asOption(): float
    {
        $other = $this->figures > self::ALL_FIGURES['option']
            || $this->addresses > 0
            || $this->length > self::OPTION['letters'];

        return $other ? 0.0 : max(0.0, 1.0 - self::OPTION['distinct'] * $this->distinct);
    }
}
