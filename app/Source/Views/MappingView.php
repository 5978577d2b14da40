<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Feeds\ColumnGuess;
use WindowStall\Core\Feeds\CurrencySaid;
use WindowStall\Core\Feeds\DecimalGuess;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\GuessColumns;
use WindowStall\Core\Feeds\MappedColumn;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\Renames;
use WindowStall\Source\Connectors\Feed\FeedSettings;
use WindowStall\Source\Feeds\FeedSample;
use WindowStall\Source\Feeds\TableReading;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ReferenceRates;

/**
 * The mapping screen: the file's columns with what each probably means, what was said before, and everything else the
 * file leaves unsaid.
 */
final readonly class MappingView
{
    private const SHOWN = 3;

    /** @param  list<MappingColumnView>  $columns */
    public function __construct(
        public int $connection,
        public string $supplier,
        public MappingSourceView $source,
        public bool $known,
        public array $columns,
        public MappingFieldsView $fields,
        public MappingFiguresView $figures,
        public MappingCurrencyView $currency,
        public MappingAssumedView $assumed,
        public MappingPreviewView $preview,
    ) {
    }

    public static function of(Stall $stall, SupplierConnection $connection, FeedSample $sample): self
    {
        $settings = FeedSettings::of($connection->settings);
        $guesses = GuessColumns::from($sample->header, $sample->guessing());
        $known = $settings->looksAtWhatIsPulled() ? $settings->mapping : null;
        $mapping =
            $known === null
                ? self::guessed($stall, $sample, $guesses)
                : $known->renamed(
                    Renames::between($known, $sample->header, $sample->guessing())->found,
                );
        $said = [];
        foreach ($mapping->columns as $column) {
            $said[$column->name] = $column->field;
        }

        return new self(
            connection: $connection->id,
            supplier: $connection->name,
            source: self::source($sample),
            known: $known !== null,
            columns: array_map(
                static fn (ColumnGuess $g, int $i): MappingColumnView => self::column(
                    $g,
                    $i,
                    $sample,
                    $said[$g->column] ?? null,
                ),
                $guesses,
                array_keys($guesses),
            ),
            fields: self::fields(),
            figures: new MappingFiguresView(
                decimal: $mapping->decimal->value,
                doubt: $known === null ? self::figures($sample, $guesses)->doubt : null,
                kilograms: $mapping->kilograms,
            ),
            currency: new MappingCurrencyView(code: $mapping->currency, all: ReferenceRates::currencies()),
            assumed: new MappingAssumedView(
                warehouse: $mapping->warehouse,
                stock: $mapping->assumedStock,
                grams: $mapping->assumedGrams,
                processingMin: $mapping->processing[0],
                processingMax: $mapping->processing[1],
                delivery: $settings->delivery,
            ),
            preview: MappingPreviewView::of($sample, $mapping, $settings->delivery, $stall),
        );
    }

    private static function source(FeedSample $sample): MappingSourceView
    {
        return new MappingSourceView(
            about: $sample->about,
            rows: count($sample->rows),
            parts: $sample->parts,
            part: $sample->part,
            reading: $sample->reading === null ? null : TableReadingView::of(TableReading::of($sample->reading)),
        );
    }

    private static function fields(): MappingFieldsView
    {
        $words = [];
        $many = [];
        foreach (FeedField::cases() as $field) {
            $words[$field->value] = $field->words();
            if ($field->many()) {
                $many[] = $field->value;
            }
        }

        return new MappingFieldsView(words: $words, many: $many);
    }

    /** @param  list<ColumnGuess>  $guesses */
    private static function guessed(Stall $stall, FeedSample $sample, array $guesses): Mapping
    {
        $columns = [];
        $weights = '';
        foreach ($guesses as $i => $guess) {
            if ($guess->field !== null) {
                $columns[] = new MappedColumn($guess->column, $guess->field);
                $weights .=
                    $guess->field === FeedField::Weight
                        ? $guess->column.' '.implode(' ', array_slice(array_column($sample->guessing(), $i), 0, 20))
                        : '';
            }
        }
        $names = implode(' ', $sample->header);
        $known = ReferenceRates::currencies();
        $currency =
            preg_match('/\b('.implode('|', $known).')\b/', $names, $m) === 1
                ? $m[1]
                : CurrencySaid::in(self::columns($sample, $guesses, [FeedField::Cost]), $known) ?? $stall->currency;
        // "0,42" of a garden tool are kilograms; "420" are grams.
        $kilograms =
            preg_match('/\bkg\b|kilo/i', $weights) === 1 ||
            (preg_match('/\bg\b|gram/i', $weights) !== 1 && preg_match('/\d[.,]\d/', $weights) === 1);

        return new Mapping($columns, self::figures($sample, $guesses)->sign, $kilograms, $currency, $stall->country);
    }

    /**
     * What the columns of amounts and weights speak for.
     *
     * @param  list<ColumnGuess>  $guesses
     */
    private static function figures(FeedSample $sample, array $guesses): DecimalGuess
    {
        return DecimalSign::guess(self::columns($sample, $guesses, [FeedField::Cost, FeedField::Rrp, FeedField::Weight]));
    }

    /**
     * @param  list<ColumnGuess>  $guesses
     * @param  list<FeedField>  $fields
     * @return list<string> the cells of the columns that probably mean these
     */
    private static function columns(FeedSample $sample, array $guesses, array $fields): array
    {
        $cells = [];
        foreach ($guesses as $i => $guess) {
            if (in_array($guess->field, $fields, true)) {
                array_push($cells, ...array_column($sample->guessing(), $i));
            }
        }

        return $cells;
    }

    private static function column(ColumnGuess $guess, int $i, FeedSample $sample, ?FeedField $said): MappingColumnView
    {
        $shown = [];
        foreach ($sample->guessing() as $values) {
            $value = trim($values[$i] ?? '');
            if ($value !== '' && ! in_array($value, $shown, true)) {
                $shown[] = mb_strimwidth($value, 0, 60, '…');
            }
            if (count($shown) === self::SHOWN) {
                break;
            }
        }

        return new MappingColumnView(
            name: $guess->column,
            values: $shown,
            guess: $guess->field?->value,
            confidence: $guess->confidence,
            why: $guess->why,
            field: $said?->value,
        );
    }
}
