<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * JSON: of the lists of objects in the file the one most like goods is the records, wherever it stands.
 *
 * {@see CutObjects} cuts them out of the stream; each is decoded by itself.
 */
final readonly class JsonFeed implements Feed
{
    use PicksRows;

    private const CHUNK = 65_536;

    /** @var list<string> */
    private array $header;

    private LateColumns $late;

    /** @var list<string> */
    private array $lists;

    private string $list;

    /**
     * @param  string  $part  the list a person chose; "" for the one most like goods
     * @param  list<string>  $late  columns that were met later in the file before
     */
    public function __construct(private string $path, string $part = '', array $late = [])
    {
        $lists = JsonLists::in($path);
        $this->lists = array_map(strval(...), array_keys($lists));
        $this->list = Parts::choose($lists, $part, 'list');
        $this->late = new LateColumns();
        $this->header = NestedRecords::header($this->records(), $late);
    }

    public function about(): string
    {
        return 'JSON'.($this->parts() === [] ? '' : sprintf(', its list “%s”', $this->list));
    }

    public function parts(): array
    {
        return count($this->lists) > 1 ? $this->lists : [];
    }

    public function part(): string
    {
        return $this->parts() === [] ? '' : $this->list;
    }

    public function late(): array
    {
        return $this->late->all();
    }

    public function header(): array
    {
        return $this->header;
    }

    public function rows(): iterable
    {
        return NestedRecords::table($this->records(), $this->header, $this->late);
    }

    /** @return \Generator<int, array<mixed>> */
    private function records(): \Generator
    {
        return self::objectsIn($this->path, (int) array_search($this->list, $this->lists, true), asWritten: true);
    }

    /**
     * The objects of a list of objects in a file, one at a time.
     *
     * @param  int  $list  which, from nought
     * @param  bool  $asWritten  numbers as the words they are written in; see {@see JsonText::decode()}
     * @return \Generator<int, array<mixed>>
     *
     * @throws FeedTrouble when one of them isn't right, or the file breaks off
     */
    public static function objectsIn(string $path, int $list = 0, bool $asWritten = false): \Generator
    {
        $n = 0;
        foreach (self::objects($path, $list) as $object) {
            $record = JsonText::decode($object, $asWritten);
            if ($record === null) {
                throw FeedTrouble::because(
                    sprintf(
                        'Record %s isn’t right JSON (%s). Nothing was taken from the file.',
                        number_format($n + 1),
                        json_last_error_msg(),
                    ),
                );
            }
            $n++;
            yield str_starts_with($object, '[') ? [NestedRecords::ODD => mb_substr($object, 0, 200)] : $record;
        }
    }

    /** @return \Generator<int, string> the texts of the objects of a list that holds objects */
    private static function objects(string $path, int $list): \Generator
    {
        $in = fopen($path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        $cut = new CutObjects($list);
        try {
            while (! feof($in)) {
                yield from $cut->from((string) fread($in, self::CHUNK));
                if ($cut->length() > Limits::RECORD) {
                    throw FeedTrouble::because(
                        sprintf(
                            'A record is longer than %s letters. The file wasn’t read.',
                            number_format(Limits::RECORD),
                        ),
                    );
                }
            }
            if ($cut->isOpen()) {
                throw FeedTrouble::because('The JSON breaks off in the middle. Fetch it again.');
            }
        } finally {
            fclose($in);
        }
    }
}
