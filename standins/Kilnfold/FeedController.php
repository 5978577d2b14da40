<?php

declare(strict_types=1);

namespace WindowStall\Standins\Kilnfold;

use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Kilnfold's list of goods, as a table and as XML, both written with decimal commas; and what it asks for a parcel. */
final class FeedController
{
    /** Our name of a column → its names in the file: the usual one and the one it is renamed to now and then. */
    private const COLUMNS = [
        'range' => ['Range', 'Range'],
        'sku' => ['Article', 'Article no'],
        'ean' => ['EAN', 'EAN'],
        'name' => ['Name', 'Name'],
        'glaze' => ['Glaze', 'Glaze'],
        'size' => ['Size', 'Size'],
        'section' => ['Section', 'Department'],
        'prose' => ['Description', 'Description'],
        'price' => ['Trade price', 'Net price'],
        'rrp' => ['RRP', 'RRP'],
        'stock' => ['Free stock', 'Available'],
        'weight' => ['Weight kg', 'Weight kg'],
        'picture' => ['Picture', 'Picture'],
    ];

    /** Seconds that the dripping list goes on. */
    private const DRIPS = 25;

    public function csv(): Response
    {
        $lines = [self::line(self::names())];
        foreach (self::rows() as $row) {
            $lines[] = self::line(array_values($row));
        }

        // Broken off between two lines, it looks whole to whoever doesn't count.
        $lines = Books::cut() ? array_slice($lines, 0, (int) ceil(count($lines) * 0.6)) : $lines;

        return new Response(implode("\r\n", $lines)."\r\n", 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="kilnfold.csv"',
        ]);
    }

    /** The same, a letter a second: a service that drips. */
    public function drip(): StreamedResponse
    {
        return new StreamedResponse(
            static function (): void {
                for ($n = 0; $n < self::DRIPS && connection_aborted() === 0; $n++) {
                    echo 'x';
                    ob_get_level() > 0 && ob_flush();
                    flush();
                    sleep(1);
                }
            },
            200,
            ['Content-Type' => 'text/csv', 'X-Accel-Buffering' => 'no'],
        );
    }

    public function xml(): Response
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('kilnfold');
        $xml->writeElement('made', now()->toDateString());
        $xml->startElement('articles');
        $names = array_map(static fn (string $n): string => str_replace(' ', '', ucwords($n)), self::names());
        foreach (self::rows() as $row) {
            $xml->startElement('article');
            foreach (array_combine($names, $row) as $name => $value) {
                $xml->writeElement($name, $value);
            }
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endElement();

        return new Response($xml->outputMemory(), 200, ['Content-Type' => 'application/xml']);
    }

    public function delivery(): Response
    {
        return new Response(self::tariff(), 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }

    /** Heavy parcels, priced by weight; country, up to, pounds, working days. */
    public static function tariff(): string
    {
        $lines = [];
        foreach (
            [
                'GB' => [395, '2-3', 1.0],
                'IE' => [890, '3-5', 1.7],
                'NL' => [1120, '4-6', 2.1],
                'DE' => [1190, '4-6', 2.2],
            ] as $country => [$first, $days, $factor]
        ) {
            foreach ([1 => 0, 2 => 90, 5 => 310, 10 => 640, 20 => 1290, 30 => 2150] as $kilograms => $more) {
                $lines[] = sprintf(
                    '%s; %d kg; %s; %s',
                    $country,
                    $kilograms,
                    self::comma($first + (int) round($more * $factor)),
                    $days,
                );
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private static function names(): array
    {
        $which = Books::renamed() ? 1 : 0;

        return array_map(static fn (array $names): string => $names[$which], array_values(self::COLUMNS));
    }

    /** @return \Generator<int, list<string>> in the columns' order; two rows are broken, as they are in life */
    private static function rows(): \Generator
    {
        foreach (Books::articles()->orderBy('position')->get() as $n => $a) {
            yield [
                $a->range,
                $a->sku,
                $a->ean,
                $a->name,
                $a->glaze,
                $a->size,
                $a->section,
                $a->prose,
                $n === 8 ? 'on request' : self::comma((int) $a->price),
                self::comma((int) $a->rrp),
                $n === 20 ? 'some' : number_format((int) $a->stock, 0, ',', '.'),
                str_replace('.', ',', rtrim(rtrim(number_format($a->grams / 1000, 3, '.', ''), '0'), '.')),
                route('kilnfold.picture', ['sku' => $a->sku]),
            ];
        }
    }

    private static function comma(int $pence): string
    {
        return number_format($pence / 100, 2, ',', '.');
    }

    /** @param  list<string>  $cells */
    private static function line(array $cells): string
    {
        return implode(
            ';',
            array_map(
                static fn (string $c): string => preg_match('/[;"\r\n]/', $c) === 1
                    ? '"'.str_replace('"', '""', $c).'"'
                    : $c,
                $cells,
            ),
        );
    }
}
