<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\Renames;
use WindowStall\Core\Money\Currency;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\ConnectorCard;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Source\Feeds\FeedTrouble;

/** Reads any supplier that gives a file: CSV, .xlsx, XML, JSON or NDJSON, sent by hand or fetched from an address. */
final class FeedConnector implements Connector
{
    /** Rows that are looked at to recognise columns. */
    public const SAMPLE = 60;

    public function card(): ConnectorCard
    {
        return new ConnectorCard(
            'feed',
            'A file or feed',
            'Any supplier that gives a list of its goods as CSV, .xlsx, XML or JSON: a file you send here, or an address it '.
                'is fetched from each night.',
            named: true,
            mapped: true,
            order: 30,
        );
    }

    public function check(Access $access): void
    {
        FeedFile::with($access, static fn (Feed $feed): array => $feed->header(), 25);
    }

    public function catalogue(Access $access): iterable
    {
        $mapping =
            FeedSettings::of($access->settings)->mapping ??
            throw SupplierTrouble::said('Nobody has said yet what the columns of this file mean. Open its mapping.');
        yield from FeedFile::pages(
            $access,
            fn (Feed $feed, string $bytes): \Generator => $this->pages($access, $feed, $bytes, $mapping),
        );
    }

    public function quotes(Access $access, array $parcels): array
    {
        $settings = FeedSettings::of($access->settings);
        $table = DeliveryTable::read($settings->delivery, Currency::of($settings->mapping->currency ?? 'GBP'));

        return array_map(static fn (ParcelToQuote $p): array => $table->quotes($p), $parcels);
    }

    /**
     * The first rows of a file.
     *
     * @return list<list<string>>
     */
    public static function sample(Feed $feed, int $rows = self::SAMPLE): array
    {
        $sample = [];
        foreach ($feed->rows() as $values) {
            $sample[] = $values;
            if (count($sample) >= $rows) {
                break;
            }
        }

        return $sample;
    }

    /**
     * Columns that none of the first rows had: said once, and among the columns from then on.
     *
     * @return \Generator<int, CataloguePage>
     */
    private function late(Access $access, Feed $feed): \Generator
    {
        $late = $feed->late();
        if ($late === []) {
            return;
        }
        $notes = array_map(
            static fn (string $name, int $row): string => sprintf(
                'The column “%s” first stands in row %s. It is among the columns now; say what it means in the mapping.',
                $name,
                number_format($row),
            ),
            array_map(strval(...), array_keys($late)),
            array_values($late),
        );
        yield new CataloguePage([], notes: $notes, learnt: [
            'late' => array_values(array_unique([
                ...FeedSettings::of($access->settings)->late,
                ...array_map(strval(...), array_keys($late)),
            ])),
        ]);
    }

    /** @return \Generator<int, CataloguePage> */
    private function pages(Access $access, Feed $feed, string $bytes, Mapping $mapping): \Generator
    {
        if (
            $access->connection !== null &&
            ($access->settings['read'] ?? null) === $bytes.KnownGoods::salt($mapping)
        ) {
            yield CataloguePage::asBefore('The file is byte for byte the one of last time.');

            return;
        }
        $renames = Renames::between($mapping, $feed->header(), self::sample($feed));
        if ($renames->fatal() !== []) {
            throw FeedTrouble::because(
                sprintf(
                    'The file has no column for the %s any more (it was called “%s”), and none that surely took its '.
                        'place. Open the mapping and show which one it is now.',
                    $renames->fatal()[0]->field->words(),
                    $renames->fatal()[0]->name,
                ),
            );
        }
        $notes = [];
        foreach ($renames->found as $old => $new) {
            $notes[] = sprintf('“%s” is now called “%s”; it was recognised and the mapping follows.', $old, $new);
        }
        foreach ($renames->lost as $column) {
            $notes[] = sprintf('The column “%s” (%s) is gone.', $column->name, $column->field->words());
        }
        if ($notes !== []) {
            $mapping = $mapping->renamed($renames->found);
            yield new CataloguePage(
                [],
                notes: $notes,
                learnt: $renames->found === [] ? [] : ['mapping' => $mapping->toArray()],
            );
        }
        $rejects = false;
        $read = $bytes.KnownGoods::salt($mapping);
        foreach (ReadGoods::pages($feed, $mapping, $access->connection) as $page) {
            if ($page->asBefore) {
                yield from $this->late($access, $feed);
                yield CataloguePage::asBefore($page->notes[0], ['read' => $read]);

                return;
            }
            $rejects = $rejects || $page->rejects !== [];
            yield $page;
        }
        yield from $this->late($access, $feed);
        // What couldn't be used is listed with each pull; such a file is read again.
        yield new CataloguePage([], learnt: ['read' => $rejects ? null : $read]);
    }
}
