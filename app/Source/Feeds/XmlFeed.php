<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use SimpleXMLElement;
use XMLReader;

/**
 * XML: the shallowest element that stands several times side by side is a record. Entities and outside references are
 * never followed.
 */
final readonly class XmlFeed implements Feed
{
    use PicksRows;

    private string $element;

    private int $depth;

    /** @var list<string> */
    private array $header;

    public function __construct(private string $path)
    {
        [$this->element, $this->depth] = $this->record();
        $this->header = Records::header($this->records());
    }

    public function about(): string
    {
        return sprintf('XML, a record in each <%s>', $this->element);
    }

    public function header(): array
    {
        return $this->header;
    }

    public function rows(): iterable
    {
        return Records::table($this->records(), $this->header);
    }

    /** @return \Generator<int, array<mixed>> */
    private function records(): \Generator
    {
        $n = 0;
        foreach ($this->elements() as $xml) {
            if ($xml->depth !== $this->depth || $xml->localName !== $this->element) {
                continue;
            }
            $n++;
            $outer = @$xml->readOuterXml();
            if (strlen($outer) > Limits::RECORD) {
                throw FeedTrouble::because(
                    sprintf(
                        'Record %s is longer than %s letters. The file wasn’t read.',
                        number_format($n),
                        number_format(Limits::RECORD),
                    ),
                );
            }
            $record =
                $outer === ''
                    ? false
                    : @simplexml_load_string($outer, SimpleXMLElement::class, LIBXML_NONET | LIBXML_NOCDATA);
            if ($record === false) {
                throw self::broken();
            }
            yield self::array($record);
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

    /** @return array{string, int} name and depth of the element that is a record */
    private function record(): array
    {
        $counts = [];
        $first = null;
        $looked = 0;
        foreach ($this->elements() as $xml) {
            if ($xml->depth >= 1 && $xml->depth <= 4) {
                $first ??= [$xml->localName, $xml->depth];
                $key = $xml->depth.' '.$xml->localName;
                $counts[$key] = ($counts[$key] ?? 0) + 1;
            }
            if (++$looked >= 3000) {
                break;
            }
        }
        ksort($counts, SORT_NATURAL);
        foreach ($counts as $key => $n) {
            if ($n > 1) {
                [$depth, $name] = explode(' ', $key, 2);

                return [$name, (int) $depth];
            }
        }

        return $first ?? throw FeedTrouble::because('No records of goods stand in the XML.');
    }

    /** @return array<mixed> attributes as "@name", elements that stand several times as a list */
    private static function array(SimpleXMLElement $node): array
    {
        $all = [];
        foreach ($node->attributes() ?? [] as $name => $value) {
            $all['@'.$name] = (string) $value;
        }
        $children = [];
        foreach ($node->children() as $name => $child) {
            $children[$name][] =
                $child->count() > 0 || ($child->attributes()?->count() ?? 0) > 0
                    ? self::array($child)
                    : (string) $child;
        }
        foreach ($children as $name => $values) {
            $all[$name] = count($values) === 1 ? $values[0] : $values;
        }
        $text = trim((string) $node);
        if ($text !== '' && $node->count() === 0) {
            $all[$all === [] ? 'text' : '.'] = $text;
        }

        return $all;
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
