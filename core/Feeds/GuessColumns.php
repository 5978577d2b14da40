<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** Guesses what each column of a file means, from its name and its content. */
final class GuessColumns
{
    /** Under this, a guess isn't offered. */
    private const LEAST = 40;

    /** From this on, a column may take over from one that is gone without a person looking. */
    public const SURE = 70;

    /**
     * @param  list<string>  $header
     * @param  list<list<string>>  $rows  a sample
     * @return list<ColumnGuess> one per column, in order
     */
    public static function from(array $header, array $rows): array
    {
        $scores = [];
        foreach ($header as $i => $name) {
            $content = ColumnContent::of(array_map(static fn (array $row): string => $row[$i] ?? '', $rows));
            foreach (FeedField::cases() as $field) {
                $scores[] = ['column' => $i, 'field' => $field, 'score' => self::score($name, $field, $content)];
            }
        }
        usort(
            $scores,
            static fn (array $a, array $b): int => $b['score'] <=> $a['score'] ?: $a['column'] <=> $b['column'],
        );
        $guesses = [];
        $taken = [];
        foreach ($scores as ['column' => $i, 'field' => $field, 'score' => $score]) {
            if ($score < self::LEAST || isset($guesses[$i]) || (isset($taken[$field->value]) && ! $field->many())) {
                continue;
            }
            $guesses[$i] = new ColumnGuess($header[$i], $field, $score, self::why($header[$i], $field, $rows, $i));
            $taken[$field->value] = true;
        }

        return array_map(
            static fn (int $i): ColumnGuess => $guesses[$i] ??
                new ColumnGuess($header[$i], null, 0, 'neither its name nor its content is known'),
            array_keys($header),
        );
    }

    private static function score(string $name, FeedField $field, ColumnContent $content): int
    {
        $byName = ColumnNames::fits($name, $field);
        $byContent = $content->fits($field);
        if ($content->filled === 0) {
            return (int) round(60 * $byName);
        }
        if ($byContent === 0.0) {
            // A telling name over content that can't be it: "price" over words.
            return (int) round(30 * $byName);
        }
        // Barcodes and addresses of pictures tell by themselves; other content only bears a name out.
        $alone = match ($field) {
            FeedField::Barcode, FeedField::Picture => 80,
            FeedField::Words, FeedField::Title => 42,
            FeedField::Option => 0,
            default => 25,
        };

        return (int) round(max($alone * $byContent, $byName > 0 ? 62 * $byName + 38 * $byContent * $byName : 0));
    }

    /** @param  list<list<string>>  $rows */
    private static function why(string $name, FeedField $field, array $rows, int $i): string
    {
        $known = ColumnNames::fits($name, $field);
        $sample = '';
        foreach ($rows as $row) {
            if (trim($row[$i] ?? '') !== '') {
                $sample = mb_strimwidth(trim($row[$i]), 0, 28, '…');
                break;
            }
        }
        $content = $sample === '' ? 'it is empty in the first rows' : sprintf('“%s” looks like it', $sample);

        return $known === 1.0
            ? 'the name says so, and '.$content
            : ($known > 0
                ? 'part of the name says so, and '.$content
                : $content);
    }
}
