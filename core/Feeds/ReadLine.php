<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

use WindowStall\Core\Money\Currency;

/** Reads rows of a file by a mapping. What can't be read rejects the row, with the reason; nothing is guessed. */
final readonly class ReadLine
{
    /** Currencies that suppliers' amounts name (ISO 4217). */
    private const CURRENCIES = [
        'AUD', 'BGN', 'BRL', 'CAD', 'CHF', 'CNY', 'CZK', 'DKK', 'EUR', 'GBP', 'HKD', 'HUF', 'IDR', 'ILS', 'INR', 'ISK',
        'JPY', 'KRW', 'MXN', 'MYR', 'NOK', 'NZD', 'PHP', 'PLN', 'RON', 'SEK', 'SGD', 'THB', 'TRY', 'USD', 'ZAR',
    ];

    private const MOST_AMOUNT = 1_000_000;

    private const MOST_PIECES = 10_000_000;

    private const MOST_GRAMS = 1_000_000;

    /** Units of weight besides the metric ones, in milligrams: the international pound and its sixteenth (1959). */
    private const MILLIGRAMS = ['lb' => 453_592, 'pound' => 453_592, 'oz' => 28_350, 'ounce' => 28_350];

    /** @var array<string, int> field → place of its column */
    private array $at;

    /** @var array<int, string> place → option's name */
    private array $options;

    /** @var list<int> */
    private array $pictures;

    private Currency $currency;

    /** @param  list<string>  $header */
    public function __construct(private Mapping $mapping, private array $header)
    {
        $places = array_flip($header);
        $at = [];
        $options = [];
        $pictures = [];
        foreach ($mapping->columns as $column) {
            $place = $places[$column->name] ?? null;
            if ($place === null) {
                continue;
            }
            match ($column->field) {
                FeedField::Option => ($options[$place] = $column->name),
                FeedField::Picture => ($pictures[] = $place),
                default => ($at[$column->field->value] = $place),
            };
        }
        [$this->at, $this->options, $this->pictures, $this->currency] = [
            $at,
            $options,
            $pictures,
            Currency::of($mapping->currency),
        ];
    }

    /**
     * @param  int  $number  as a person counts rows
     * @param  list<string>  $values
     */
    public function read(int $number, array $values): FeedRow|Reject
    {
        foreach ($values as $place => $value) {
            $broken = BrokenText::reason($value);
            if ($broken !== null) {
                $shown = mb_substr(BrokenText::shown($value), 0, 80);

                return new Reject($number, $this->header[$place] ?? '', $shown, $broken);
            }
        }
        $sku = $this->text($values, FeedField::Sku);
        $title = $this->text($values, FeedField::Title);
        foreach ([[FeedField::Sku, $sku, 80], [FeedField::Title, $title, 400]] as [$field, $text, $most]) {
            if ($text === '') {
                return $this->reject($number, $field, '', sprintf('The %s is empty.', $field->words()));
            }
            if ($field === FeedField::Sku && strlen($text) > $most && mb_strlen($text) > $most) {
                return $this->reject($number, $field, $text, sprintf('The SKU is longer than %d letters.', $most));
            }
        }
        $cost = $this->amount($number, $values, FeedField::Cost);
        if ($cost instanceof Reject) {
            return $cost;
        }
        if ($cost === null || $cost === 0) {
            return $this->reject(
                $number,
                FeedField::Cost,
                $this->text($values, FeedField::Cost),
                $cost === null ? 'The unit cost is empty.' : 'The unit cost is nought.',
            );
        }
        $rrp = $this->amount($number, $values, FeedField::Rrp);
        if ($rrp instanceof Reject) {
            return $rrp;
        }
        $stock = $this->pieces($number, $values);
        if ($stock instanceof Reject) {
            return $stock;
        }
        $grams = $this->grams($number, $values);
        if ($grams instanceof Reject) {
            return $grams;
        }
        $options = [];
        foreach ($this->options as $place => $name) {
            $value = trim($values[$place] ?? '');
            if ($value !== '') {
                $options[$name] = self::cut($value, 120);
            }
        }
        $barcode = $this->text($values, FeedField::Barcode);

        return new FeedRow(
            row: $number,
            item: $this->item($values),
            sku: $sku,
            barcode: $barcode === '' ? null : self::cut($barcode, 20),
            title: self::cut($title, 400),
            words: $this->text($values, FeedField::Words),
            category: self::cut($this->text($values, FeedField::Category), 120),
            cost: $cost,
            rrp: $rrp,
            stock: $stock,
            grams: $grams,
            options: $options,
            pictures: $this->addresses($values),
        );
    }

    /**
     * What rows of one item share: the item's code; without one the title where there are options, else the SKU.
     *
     * @param  list<string>  $values
     */
    public function item(array $values): string
    {
        $item = $this->text($values, FeedField::Item);
        if ($item !== '') {
            return self::cut($item, 80);
        }
        foreach (array_keys($this->options) as $place) {
            if (trim($values[$place] ?? '') !== '') {
                return self::cut($this->text($values, FeedField::Title), 80);
            }
        }

        return $this->sku($values);
    }

    /** @param  list<string>  $values */
    public function sku(array $values): string
    {
        return $this->text($values, FeedField::Sku);
    }

    /** Counting letters takes longer than reading the row; most texts are short enough in bytes. */
    private static function cut(string $text, int $most): string
    {
        return strlen($text) <= $most ? $text : mb_substr($text, 0, $most);
    }

    /** @param  list<string>  $values */
    private function text(array $values, FeedField $field): string
    {
        return isset($this->at[$field->value]) ? trim($values[$this->at[$field->value]] ?? '') : '';
    }

    /** @param  list<string>  $values */
    private function amount(int $number, array $values, FeedField $field): int|Reject|null
    {
        $text = $this->text($values, $field);
        if ($text === '') {
            return null;
        }
        $other = preg_match('/[\p{L}\p{Sc}]/u', $text) === 1 ? $this->otherCurrency($text) : null;
        if ($other !== null) {
            return $this->reject(
                $number,
                $field,
                $text,
                sprintf('The %s is in %s; this list is in %s.', $field->words(), $other, $this->currency->code),
            );
        }
        $read = $this->mapping->decimal->read($text);
        if ($read === null) {
            return $this->reject($number, $field, $text, sprintf('The %s isn’t an amount.', $field->words()));
        }
        [$whole, $part] = explode('.', $read.'.');
        if (str_starts_with($read, '-') || (int) $whole > self::MOST_AMOUNT) {
            return $this->reject(
                $number,
                $field,
                $text,
                sprintf(
                    'The %s is %s.',
                    $field->words(),
                    str_starts_with($read, '-') ? 'below nought' : 'more than a million',
                ),
            );
        }
        $decimals = $this->currency->decimals;
        // Suppliers quote tenths of a penny for screws; a fraction finer than the currency is rounded half up, once.
        $round = strlen($part) > $decimals && $part[$decimals] >= '5' ? 1 : 0;

        return (int) $whole * $this->currency->minorPerUnit() +
            (int) substr(str_pad($part, $decimals, '0'), 0, $decimals) +
            $round;
    }

    /** The currency that an amount names itself, where that isn't the list's. */
    private function otherCurrency(string $text): ?string
    {
        $said = CurrencySaid::in([$text], self::CURRENCIES);

        return $said === $this->currency->code ? null : $said;
    }

    /** @param  list<string>  $values */
    private function pieces(int $number, array $values): int|Reject
    {
        $text = $this->text($values, FeedField::Stock);
        if ($text === '') {
            return $this->mapping->assumedStock;
        }
        if (ctype_digit($text) && strlen($text) < 9) {
            return min((int) $text, self::MOST_PIECES);
        }
        $said = StockWords::said($text);
        if ($said !== null) {
            // How many isn't said: as many as are taken where nothing is said, and one at least.
            return $said ? max(1, $this->mapping->assumedStock) : 0;
        }
        // "10+" and "> 10" are ten at least.
        $read = $this->mapping->decimal->read(trim($text, '>+≥ '));
        if ($read === null || preg_match('/^(-?)(\d+)(?:\.0*)?$/D', $read, $m) !== 1) {
            return $this->reject($number, FeedField::Stock, $text, 'The stock isn’t a whole number.');
        }

        // Some books run below nought while goods are on order; there is nothing to sell then.
        return $m[1] === '-' ? 0 : min((int) $m[2], self::MOST_PIECES);
    }

    /** @param  list<string>  $values */
    private function grams(int $number, array $values): int|Reject
    {
        $text = $this->text($values, FeedField::Weight);
        if ($text === '') {
            return $this->mapping->assumedGrams;
        }
        $kilograms = $this->mapping->kilograms;
        if (preg_match('/^(.*?)\s*(kg|g|gr|grams?|lbs?|pounds?|oz|ounces?)\.?$/iD', $text, $m) === 1) {
            $unit = strtolower($m[2]);
            $milligrams = self::MILLIGRAMS[rtrim($unit, 's')] ?? null;
            if ($milligrams !== null) {
                return $this->imperial($number, $m[1], $milligrams);
            }
            [$text, $kilograms] = [$m[1], $unit === 'kg'];
        }
        $read = $this->mapping->decimal->read($text);
        if ($read === null || str_starts_with($read, '-')) {
            return $this->reject($number, FeedField::Weight, $text, 'The weight isn’t a figure.');
        }
        [$whole, $part] = explode('.', $read.'.');
        $grams = $kilograms
            ? (int) $whole * 1000 + (int) substr(str_pad($part, 3, '0'), 0, 3)
            : (int) $whole + ($part !== '' && (int) $part > 0 ? 1 : 0);

        return $grams > self::MOST_GRAMS
            ? $this->reject($number, FeedField::Weight, $text, 'The weight is more than a tonne.')
            : max(1, $grams);
    }

    /** @param  int  $milligrams  of one unit */
    private function imperial(int $number, string $text, int $milligrams): int|Reject
    {
        $read = $this->mapping->decimal->read($text);
        if ($read === null || str_starts_with($read, '-') || strlen($read) > 12) {
            return $this->reject($number, FeedField::Weight, $text, 'The weight isn’t a figure.');
        }
        $grams = (int) ceil((float) $read * $milligrams / 1_000);

        return $grams > self::MOST_GRAMS
            ? $this->reject($number, FeedField::Weight, $text, 'The weight is more than a tonne.')
            : max(1, $grams);
    }

    /**
     * @param  list<string>  $values
     * @return list<string>
     */
    private function addresses(array $values): array
    {
        $found = [];
        foreach ($this->pictures as $place) {
            foreach (preg_split('/[\s|;,]+(?=https?:)/i', trim($values[$place] ?? '')) ?: [] as $address) {
                if (preg_match('~^https?://\S{1,590}$~i', $address) === 1 && count($found) < 30) {
                    $found[] = $address;
                }
            }
        }

        return array_values(array_unique($found));
    }

    private function reject(int $number, FeedField $field, string $value, string $reason): Reject
    {
        return new Reject(
            $number,
            isset($this->at[$field->value]) ? $this->header[$this->at[$field->value]] : $field->words(),
            mb_substr($value, 0, 200),
            $reason,
        );
    }
}
