<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use XMLReader;

/**
 * XML: {@see XmlLists} finds the element that is a record. Names are local ones ("g:price" is "price"); where two
 * prefixes have the same name, the prefix is said. Entities and outside references are never followed.
 */
final readonly class XmlFeed implements Feed
{
    use PicksRows;

    /** Elements whose attributes and fields are looked at; of those after them, only where they stand. */
    private const LEARN = 20_000;

    /** Elements that are looked at in all to learn where goods stand. */
    private const MOST = 5_000_000;

    /** The path of a record, "list/goods". */
    private string $goods;

    /** @var array<string, true> it, and the paths at which the same stands under other parents */
    private array $alike;

    /** @var array<string, true> local names that are said with their prefixes */
    private array $twice;

    /** @var list<string> */
    private array $header;

    private LateColumns $late;

    /** @var list<string> paths of what could be goods */
    private array $lists;

    /**
     * @param  string  $part  the path of the element a person chose; "" for the one most like goods
     * @param  list<string>  $late  columns that were met later in the file before
     */
    public function __construct(private string $path, string $part = '', array $late = [])
    {
        XmlGuard::check($path);
        $lists = $this->lists($part);
        $found = $lists->goods() ?? throw FeedTrouble::because('No records of goods stand in the XML.');
        $this->lists = $lists->several($found);
        $this->goods = $part === ''
            ? $found
            : Parts::choose(array_fill_keys($this->lists, []), $part, 'list');
        $this->alike = array_fill_keys($lists->alike($this->goods), true);
        $this->twice = $lists->twice($this->goods);
        $this->late = new LateColumns();
        $this->header = NestedRecords::header($this->records(), $late);
    }

    public function parts(): array
    {
        return count($this->lists) > 1 ? $this->lists : [];
    }

    public function part(): string
    {
        return $this->parts() === [] ? '' : $this->goods;
    }

    public function late(): array
    {
        return $this->late->all();
    }

    public function about(): string
    {
        return sprintf('XML, a record in each <%s>', substr((string) strrchr($this->goods, '/'), 1));
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
        $n = 0;
        $path = [];
        $depth = substr_count($this->goods, '/');
        foreach ($this->elements() as $xml) {
            if ($xml->depth > $depth) {
                continue;
            }
            $path = [...array_slice($path, 0, $xml->depth), self::local($xml->name)];
            if ($xml->depth === $depth && isset($this->alike[implode('/', $path)])) {
                yield (new XmlRecord($xml, $this->twice, ++$n))->read();
            }
        }
    }

    /** @return \Generator<int, XMLReader> standing on each element in turn */
    private function elements(): \Generator
    {
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $xml = XMLReader::open($this->path, null, LIBXML_NONET);
        if (! ($xml instanceof XMLReader)) {
            throw FeedTrouble::because('The file can’t be opened.');
        }
        try {
            while ($xml->read()) {
                if ($xml->nodeType === XMLReader::DOC_TYPE || $xml->nodeType === XMLReader::ENTITY_REF) {
                    throw self::entities();
                }
                if ($xml->nodeType === XMLReader::ELEMENT) {
                    yield $xml;
                }
                self::forgive();
            }
            if (libxml_get_last_error() !== false) {
                throw self::broken();
            }
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    /** A prefix that nobody declared is a slip, not the end of the file. */
    public static function forgive(): void
    {
        $error = libxml_get_last_error();
        if ($error !== false && $error->level < LIBXML_ERR_FATAL) {
            libxml_clear_errors();
        }
    }

    /** @param  string  $part  what a person chose; where that is met among the first, the rest needn't be looked at */
    private function lists(string $part): XmlLists
    {
        $lists = new XmlLists();
        $path = [];
        $looked = 0;
        foreach ($this->elements() as $xml) {
            $path = [...array_slice($path, 0, $xml->depth), self::local($xml->name)];
            if ($looked < self::LEARN || $lists->isNew($path)) {
                $lists->met($path, self::prefix($xml->name), self::attributes($xml));
            } else {
                $lists->again($path);
            }
            if (++$looked >= self::MOST || ($looked === self::LEARN && $lists->knows($part))) {
                break;
            }
        }

        return $lists;
    }

    /** @return list<string> the local names of the attributes of the element that the reader stands on */
    private static function attributes(XMLReader $xml): array
    {
        $names = [];
        while ($xml->moveToNextAttribute()) {
            $names[] = self::local($xml->name);
        }
        $xml->moveToElement();

        return $names;
    }

    public static function local(string $name): string
    {
        $colon = strrpos($name, ':');

        return $colon === false ? $name : substr($name, $colon + 1);
    }

    private static function prefix(string $name): string
    {
        return substr($name, 0, (int) strrpos($name, ':'));
    }

    public static function entities(): FeedTrouble
    {
        return FeedTrouble::because(
            'The XML declares entities of its own (<!DOCTYPE …>), which can be a trap. It wasn’t read; ask the supplier '.
                'for plain XML.',
        );
    }

    public static function broken(): FeedTrouble
    {
        $error = libxml_get_last_error();

        return FeedTrouble::because(
            $error === false
                ? 'The XML is broken and can’t be read on.'
                : sprintf(
                    'The XML is broken in line %s: %s. Nothing was taken from it.',
                    number_format($error->line),
                    rtrim(trim($error->message), '.'),
                ),
        );
    }
}
