<?php

declare(strict_types=1);

namespace WindowStall\Standins\Kilnfold;

use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use WindowStall\Standins\Carrier\Parcels;

/** Orders that came to Kilnfold's address as a table, and its answers, by mail too. */
final class Orders
{
    public const ADDRESS = 'orders@kilnfold.example';

    private const CARRIER = 'Longfurrow Parcels';

    /** @return list<array{id: string, from: string, answerTo: string, subject: string, rows: list<array<string, string>>}> */
    public static function mails(): array
    {
        $said = Http::timeout(4)->get((string) config('stall.mailbox.address').'/messages', ['to' => self::ADDRESS])->json();

        return array_values(array_map(static fn (array $mail): array => [
            'id' => (string) $mail['id'],
            'from' => (string) $mail['from'],
            'answerTo' => (string) $mail['answerTo'],
            'subject' => (string) $mail['subject'],
            'rows' => self::rows((string) ($mail['files'][0]['text'] ?? '')),
        ], is_array($said) ? $said : []));
    }

    /**
     * Answers a mail: takes all, posts all, or is short of the first line and posts the others. Pieces that are posted leave the
     * stock book, a parcel for each order goes to the carrier.
     */
    public static function answer(string $id, string $do): void
    {
        foreach (self::mails() as $mail) {
            if ($mail['id'] === $id) {
                $table = self::table($mail['rows'], $do);
                Mail::raw('Our answer lies in the table.', static fn (Message $message): mixed => $message
                    ->to($mail['answerTo'])
                    ->from(self::ADDRESS, 'Kilnfold')
                    ->subject('Re: '.$mail['subject'])
                    ->attachData($table, 'answer.csv', ['mime' => 'text/csv']));
            }
        }
    }

    /** @param  list<array<string, string>>  $rows */
    private static function table(array $rows, string $do): string
    {
        $answer = "order,article,pieces,answer,carrier,tracking\r\n";
        foreach ($rows as $n => $row) {
            $short = $do === 'short' && $n === 0;
            $posted = $do === 'post' || $do === 'short' && ! $short;
            $tracking = $posted ? self::post($row) : '';
            $answer .= implode(',', [
                $row['order'],
                $row['article'],
                $short ? '0' : $row['pieces'],
                $short ? 'short' : ($posted ? 'posted' : 'taken'),
                $posted ? self::CARRIER : '',
                $tracking,
            ])."\r\n";
        }

        return $answer;
    }

    /** @param  array<string, string>  $row */
    private static function post(array $row): string
    {
        $tracking = 'KF'.str_pad((string) (crc32($row['order']) % 1_000_000_000), 10, '0', STR_PAD_LEFT).'GB';
        Parcels::take($tracking, 'Kilnfold', $row['town'], $row['country'], now());
        Books::articles()->where('sku', $row['article'])->where('stock', '>=', (int) $row['pieces'])->decrement('stock', (int) $row['pieces']);

        return $tracking;
    }

    /** @return list<array<string, string>> */
    private static function rows(string $csv): array
    {
        $lines = preg_split('/\R/', trim($csv)) ?: [];
        $heading = str_getcsv((string) array_shift($lines), escape: '');
        $rows = [];
        foreach ($lines as $line) {
            $cells = str_getcsv($line, escape: '');
            if (count($cells) === count($heading)) {
                $rows[] = array_map(strval(...), array_combine(array_map(strval(...), $heading), $cells));
            }
        }

        return $rows;
    }
}
