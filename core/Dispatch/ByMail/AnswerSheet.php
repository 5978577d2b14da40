<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\ByMail;

/**
 * A supplier's answer as a CSV table (RFC 4180; commas or semicolons) with a heading: order, article, pieces, answer, carrier,
 * tracking, in any order of columns. Rows that can't be understood are left out and named.
 */
final readonly class AnswerSheet
{
    private const NEEDED = ['order', 'article', 'pieces', 'answer'];

    /** Rows of a day's answer; beyond, it is no such thing. */
    private const MOST = 20_000;

    /**
     * @param  list<AnswerRow>  $rows
     * @param  list<int>  $unread  numbers of rows, the heading being the first
     */
    private function __construct(public array $rows, public array $unread)
    {
    }

    /** @return self|null null where it is no such table at all */
    public static function read(string $text): ?self
    {
        $lines = preg_split('/\R/', trim(preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? ''));
        if ($lines === false || count($lines) > self::MOST || ! mb_check_encoding($text, 'UTF-8')) {
            return null;
        }
        $sign = substr_count($lines[0], ';') > substr_count($lines[0], ',') ? ';' : ',';
        $cells = static fn (string $line): array => array_map(
            static fn (?string $cell): string => trim((string) $cell),
            str_getcsv($line, $sign, '"', ''),
        );
        $heading = array_map(strtolower(...), $cells((string) array_shift($lines)));
        if (array_diff(self::NEEDED, $heading) !== []) {
            return null;
        }
        $rows = $unread = [];
        foreach ($lines as $n => $line) {
            if (trim($line) === '') {
                continue;
            }
            $said = $cells($line);
            $row = count($said) === count($heading) ? self::row(array_combine($heading, $said)) : null;
            if ($row === null) {
                $unread[] = $n + 2;
            } else {
                $rows[] = $row;
            }
        }

        return new self($rows, $unread);
    }

    /** @param  array<string, string>  $said */
    private static function row(array $said): ?AnswerRow
    {
        $kind = AnswerKind::tryFrom(strtolower($said['answer']));
        $pieces = preg_match('/^\d{1,6}$/D', $said['pieces']) === 1 ? (int) $said['pieces'] : null;

        return $kind === null || $pieces === null || $said['order'] === '' || $said['article'] === '' ? null : new AnswerRow(
            $said['order'],
            $said['article'],
            $pieces,
            $kind,
            mb_substr($said['carrier'] ?? '', 0, 60),
            mb_substr($said['tracking'] ?? '', 0, 60),
        );
    }
}
