<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use DOMAttr;
use DOMDocument;
use DOMElement;
use DOMNode;
use XMLReader;

/**
 * XML: {@see XmlLists} finds the element that is a record. Names are local ones ("g:price" is "price"); where two
 * prefixes have the same name, the prefix is said. Entities and outside references are never followed.
 */
final readonly class XmlFeed implements Feed
{
    use PicksRows;

    private const LEARN = 20_000;

    /** The path of a record, "list/goods". */
    private string $goods;

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
        $lists = $this->lists();
        $found = $lists->goods() ?? throw FeedTrouble::because('No records of goods stand in the XML.');
        $this->lists = $lists->several($found);
        $this->goods = $part === ''
            ? $found
            : Parts::choose(array_fill_keys($this->lists, []), $part, 'list');
        $this->twice = $lists->twice($this->goods);
        $this->late = new LateColumns();
        $this->header = Records::header($this->records(), $late);
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
        return Records::table($this->records(), $this->header, $this->late);
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
            if ($xml->depth < $depth || implode('/', $path) !== $this->goods) {
                continue;
            }
            $n++;
            $record = @$xml->expand(new DOMDocument());
            if (! ($record instanceof DOMElement)) {
                throw self::broken();
            }
            if (strlen($record->textContent) > Limits::RECORD) {
                throw FeedTrouble::because(
                    sprintf(
                        'Record %s is longer than %s letters. The file wasn’t read.',
                        number_format($n),
                        number_format(Limits::RECORD),
                    ),
                );
            }
            $all = $this->value($record);
            yield is_array($all) ? $all : ['text' => $all];
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
                    throw FeedTrouble::because(
                        'The XML declares entities of its own (<!DOCTYPE …>), which can be a trap. It wasn’t read; '.
                            'ask the supplier for plain XML.',
                    );
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
    private static function forgive(): void
    {
        $error = libxml_get_last_error();
        if ($error !== false && $error->level < LIBXML_ERR_FATAL) {
            libxml_clear_errors();
        }
    }

    private function lists(): XmlLists
    {
        $lists = new XmlLists();
        $path = [];
        $looked = 0;
        foreach ($this->elements() as $xml) {
            $path = [...array_slice($path, 0, $xml->depth), self::local($xml->name)];
            $lists->met($path, self::prefix($xml->name), self::attributes($xml));
            if (++$looked >= self::LEARN) {
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

    /** @return string|array<mixed> attributes as "@name", elements that stand several times as a list */
    private function value(DOMElement $node): string|array
    {
        $all = [];
        foreach ($node->attributes as $attribute) {
            \assert($attribute instanceof DOMAttr);
            $all['@'.$this->name($attribute)] = $attribute->value;
        }
        [$children, $own] = $this->within($node);
        if ($children !== [] && $own !== '') {
            // Words with tags among them, such as <b>: the words are the value.
            $children = [];
            $own = trim(preg_replace('/\s+/u', ' ', $node->textContent) ?? $node->textContent);
        }
        if ($children === [] && $all === []) {
            return $own;
        }
        foreach ($children as $name => $values) {
            $all[$name] = count($values) === 1 ? $values[0] : $values;
        }

        return $own === '' ? $all : $all + ['.' => $own];
    }

    /** @return array{array<string, list<mixed>>, string} the elements in a node by name, and its own words */
    private function within(DOMElement $node): array
    {
        $children = [];
        $own = '';
        foreach ($node->childNodes as $child) {
            if ($child instanceof DOMElement) {
                $children[$this->name($child)][] = $this->value($child);
            } elseif ($child->nodeType === XML_TEXT_NODE || $child->nodeType === XML_CDATA_SECTION_NODE) {
                $own .= $child->nodeValue;
            }
        }

        return [$children, trim($own)];
    }

    private function name(DOMNode $node): string
    {
        $local = self::local($node->nodeName);

        return isset($this->twice[$local]) ? $node->nodeName : $local;
    }

    private static function local(string $name): string
    {
        $colon = strrpos($name, ':');

        return $colon === false ? $name : substr($name, $colon + 1);
    }

    private static function prefix(string $name): string
    {
        return substr($name, 0, (int) strrpos($name, ':'));
    }

    private static function broken(): FeedTrouble
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
